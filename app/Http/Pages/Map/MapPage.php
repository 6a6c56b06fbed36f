<?php

declare(strict_types=1);

namespace App\Http\Pages\Map;

use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Map\MapHistory;
use App\Map\WorkOutMap;
use App\Models\Map\MapArrow;
use App\Models\Map\MapDrawing;
use App\Models\Map\MapFinding;
use App\Models\Map\MapNode;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Map\ArrowKind;
use OpenBaton\Core\Map\MapFindingKind;

/** Who does what, what leads to what, and how often and how long of late. Its type is MapPage.ts. */
final readonly class MapPage
{
    /** Nodes within opened groups that are drawn, those with the most work first. */
    private const MOST_INSIDE = 160;

    /** Of a kind. */
    private const MOST_FINDINGS = 50;

    private const MOST_WORK = 100;

    public function __construct(private Viewer $viewer) {}

    /**
     * @param list<string> $open   ids of groups, or of what is none, which changes nothing
     * @param string       $at     id of a node; empty: none
     * @param string       $person slug; empty: nobody
     *
     * @return array<string, mixed>
     */
    public function props(array $open, string $at, string $person): array
    {
        $drawn = MapDrawing::query()->latest('id')->first()?->at;
        WorkOutMap::seen($drawn);
        $names = new NodeNames($this->viewer->words());
        $nodes = $this->nodes($open);
        $drawnIds = array_values($nodes->map(static fn(MapNode $one): string => $one->node)->all());
        $opened = array_values(array_intersect($open, $drawnIds));
        [$arrows, $more] = (new ShownArrows($drawnIds, $opened))->all();
        $inside = $nodes->whereIn('node', $opened)->sum(self::inside(...));
        $shown = $nodes->whereNotNull('within')->count();

        return [
            'drawnAt' => Moment::orNull($drawn),
            'weeks' => MapHistory::WEEKS,
            'view' => ['open' => $opened, 'at' => $at, 'person' => $person],
            'nodes' => array_values(
                $nodes
                    ->map(
                        static fn(MapNode $one): array => [
                            'id' => $one->node,
                            'kind' => $one->kind->value,
                            'key' => $one->key,
                            'name' => $names->of($one),
                            'within' => $one->within,
                            'inside' => self::inside($one),
                            'can' => $one->can_number,
                            ...self::counted($one),
                        ],
                    )
                    ->all(),
            ),
            'arrows' => array_map(
                static fn(MapArrow $one): array => [
                    'from' => $one->from_node,
                    'to' => $one->to_node,
                    'kind' => $one->kind->value,
                    'defined' => $one->defined,
                    ...self::counted($one),
                ],
                $arrows,
            ),
            'left' => [
                'nodes' => max(0, $inside - $shown),
                'arrows' => $more,
            ],
            'findings' => fn(): array => $this->findings($names),
            'work' => fn(): ?array => $person === '' ? null : $this->workOf($person, $names),
        ];
    }

    /**
     * @param list<string> $open
     *
     * @return Collection<int, MapNode> all that lie in no group, and those within the groups that are open
     */
    private function nodes(array $open): Collection
    {
        $query = static fn() => MapNode::query()->with('group')->withCount('inside')->orderBy('id');
        $all = $query()->whereNull('within')->get();
        if ($open === []) {
            return $all;
        }
        $ids = MapNode::query()
            ->whereIn('within', $open)
            ->orderByDesc('number')
            ->orderBy('id')
            ->limit(self::MOST_INSIDE)
            ->pluck('id');

        return $all->concat($query()->whereIn('id', $ids)->get());
    }

    /** @return list<array<string, mixed>> each a MapFound of MapPage.ts */
    private function findings(NodeNames $names): array
    {
        $found = [];
        foreach (MapFindingKind::cases() as $kind) {
            array_push(
                $found,
                ...MapFinding::query()->where('kind', $kind)->orderBy('id')->limit(self::MOST_FINDINGS)->get()->all(),
            );
        }
        $nodes = MapNode::query()
            ->with('group')
            ->whereIn('node', array_map(static fn(MapFinding $one): string => $one->node, $found))
            ->get()
            ->keyBy('node');
        $list = [];
        foreach ($found as $one) {
            $node = $nodes->get($one->node);
            if ($node !== null) {
                $list[] = [
                    'kind' => $one->kind->value,
                    'place' => $names->place($node),
                    'group' => $node->within,
                    'person' => $this->person($one->person),
                    ...self::counted($one),
                ];
            }
        }

        return $list;
    }

    /**
     * What a person did in these weeks, and who else could have it.
     *
     * @return array<string, mixed>|null a MapWork of MapPage.ts; null: they are not on the map
     */
    private function workOf(string $slug, NodeNames $names): ?array
    {
        $of = $this->person($slug);
        $node = MapNode::query()->where('kind', 'person')->where('key', $slug)->first();
        if ($of === null || $node === null) {
            return null;
        }
        $does = MapArrow::query()
            ->where('to_node', $node->node)
            ->where('kind', ArrowKind::Does)
            ->whereNotNull('from_within')
            ->orderByDesc('number')
            ->orderBy('id')
            ->limit(self::MOST_WORK)
            ->get();
        $from = MapNode::query()->with('group')->whereIn('node', $does->pluck('from_node'))->get()->keyBy('node');
        $rows = [];
        foreach ($does as $arrow) {
            $work = $from->get($arrow->from_node);
            if ($work !== null) {
                $others = array_values(array_diff(array_filter((array) $work->can, is_string(...)), [$slug]));
                $rows[] = [
                    'place' => $names->place($work),
                    'group' => $work->within,
                    'others' => array_values(array_filter(array_map($this->person(...), $others))),
                    'couldToo' => $work->can_number === null ? null : max(count($others), $work->can_number - 1),
                    ...self::counted($arrow),
                ];
            }
        }

        return ['person' => $of, 'node' => $node->node, 'group' => $node->within, 'rows' => $rows];
    }

    /** @return array{slug: string, name: string}|null */
    private function person(?string $slug): ?array
    {
        $person = $this->viewer->snapshot()->roster->people[$slug ?? ''] ?? null;

        return $person === null ? null : ['slug' => $person->id, 'name' => $person->name];
    }

    /** How many lie in it. */
    private static function inside(MapNode $node): int
    {
        $count = $node->getAttribute('inside_count');

        return is_numeric($count) ? (int) $count : 0;
    }

    /** @return array{number: int, median: int|null, ninety: int|null} */
    private static function counted(MapNode|MapArrow|MapFinding $of): array
    {
        return ['number' => $of->number, 'median' => $of->median, 'ninety' => $of->ninety];
    }
}
