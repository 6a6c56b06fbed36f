<?php

declare(strict_types=1);

namespace App\Http\Pages\Map;

use App\Models\Map\MapArrow;
use OpenBaton\Core\Map\ArrowKind;

/** Which arrows are drawn where some groups are opened and others are not. */
final readonly class ShownArrows
{
    private const MOST = 400;

    /**
     * @param list<string> $nodes  ids of those that are drawn
     * @param list<string> $opened ids of those of them that are groups and opened
     */
    public function __construct(private array $nodes, private array $opened) {}

    /** @return array{list<MapArrow>, int} from the most frequent, and how many more there are */
    public function all(): array
    {
        $found = MapArrow::query()
            ->whereIn('from_node', $this->nodes)
            ->whereIn('to_node', $this->nodes)
            ->orderByDesc('number')
            ->orderBy('id')
            ->limit(5 * self::MOST)
            ->get();
        $within = [];
        foreach ($found as $arrow) {
            $within["{$arrow->kind->value} {$arrow->from_within}|{$arrow->to_node}"] = true;
            $within["{$arrow->kind->value} {$arrow->from_node}|{$arrow->to_within}"] = true;
        }
        $shown = array_values(
            $found->filter(fn(MapArrow $arrow): bool => !$this->isOfWhatIsInside($arrow, $within))->all(),
        );

        return [array_slice($shown, 0, self::MOST), max(0, count($shown) - self::MOST)];
    }

    /**
     * Whether it sums up what is drawn, or would be if it had happened, from or to what lies within an opened group.
     * What starts a runsheet leads to all of it, opened or not.
     *
     * @param array<string, true> $within the arrows that lead from or to what lies within groups
     */
    private function isOfWhatIsInside(MapArrow $arrow, array $within): bool
    {
        $from = in_array($arrow->from_node, $this->opened, true);
        $to = in_array($arrow->to_node, $this->opened, true);
        if (!$from && !$to) {
            return false;
        }
        if (!$from && $arrow->kind === ArrowKind::Does && $arrow->defined && $arrow->number === 0) {
            return false;
        }

        return in_array($arrow->kind, [ArrowKind::Does, ArrowKind::HandsOn, ArrowKind::Next], true) ||
            isset($within["{$arrow->kind->value} {$arrow->from_node}|{$arrow->to_node}"]);
    }
}
