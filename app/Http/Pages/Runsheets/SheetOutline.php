<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Explain\CriteriaWords;
use App\Explain\HouseWords;
use App\Explain\PartWords;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Run\Block;
use OpenBaton\Core\Flow\Run\Lanes;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Parameter\ConditionType;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\PartFormat;

/**
 * The blocks of a runsheet, one below the other, in words. Its type is SheetOutline.ts.
 *
 * @phpstan-type Line array{key: string, depth: int, kind: string, name: string|null, does: string|null,
 *     first: int|null, needed: bool, if: string|null}
 */
final readonly class SheetOutline
{
    private PartWords $parts;

    public function __construct(private HouseWords $words)
    {
        $this->parts = new PartWords($words, KindRegistry::standard());
    }

    /** @return list<Line> in the order in which they are read */
    public function of(Runsheet $sheet): array
    {
        $lines = [];
        $this->add($sheet->root, 0, self::names($sheet), $lines);

        return $lines;
    }

    /**
     * @param array<string, string> $names of steps, by key
     * @param list<Line>            $lines added to
     */
    private function add(Block $block, int $depth, array $names, array &$lines): void
    {
        $condition = $block->condition();
        $lines[] = [
            'key' => $block->key(),
            'depth' => $depth,
            'kind' => match (true) {
                $block instanceof Step => 'step',
                $block instanceof Lanes => 'side_by_side',
                default => 'one_after_another',
            },
            'name' => $block instanceof Step ? $block->name : null,
            'does' => $block instanceof Step ? $this->does($block, $names) : null,
            'first' => $block instanceof Lanes ? $block->first : null,
            'needed' => $block instanceof Step && $block->needed,
            'if' => $condition === null ? null : $this->criteria($condition),
        ];
        foreach ($block->within() as $one) {
            $this->add($one, $depth + 1, $names, $lines);
        }
    }

    /** @return array<string, string> names of steps, by key */
    public static function names(Runsheet $sheet): array
    {
        return array_map(static fn(Step $step): string => $step->name, $sheet->steps());
    }

    /** @param array<string, string> $names of steps, by key */
    public function does(Step $step, array $names): string
    {
        return $this->parts->say(Family::Step, Node::root(self::named(PartFormat::write($step->does), $names)));
    }

    public function criteria(Condition $condition): string
    {
        return (new CriteriaWords($this->words))->say(Node::root((new ConditionType())->write($condition)));
    }

    /**
     * A step with other steps by their names instead of their keys.
     *
     * @param array<array-key, mixed> $part
     * @param array<string, string>   $names by key
     *
     * @return array<array-key, mixed>
     */
    private static function named(array $part, array $names): array
    {
        foreach ($part as $member => $value) {
            if (is_string($value) && in_array($member, ['back_to', 'step'], true)) {
                $part[$member] = $names[$value] ?? $value;
            } elseif (is_array($value) && in_array($member, ['start', 'due'], true)) {
                $part[$member] = self::named($value, $names);
            }
        }

        return $part;
    }
}
