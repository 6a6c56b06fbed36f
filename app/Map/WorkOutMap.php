<?php

declare(strict_types=1);

namespace App\Map;

use App\Bridge\Houses;
use App\Bridge\Snapshot;
use App\Duties\ReadDuty;
use App\Models\Casts\Document;
use App\Models\Concerns\WorksOutEachHour;
use App\Models\Duties\Duty as DutyRow;
use App\Models\Map\MapArrow as ArrowRow;
use App\Models\Map\MapDrawing;
use App\Models\Map\MapFinding as FindingRow;
use App\Models\Map\MapNode as NodeRow;
use App\Models\Runsheets\Runsheet as RunsheetRow;
use App\Runsheets\ReadRunsheet;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Map\Counted;
use OpenBaton\Core\Map\DrawMap;
use OpenBaton\Core\Map\FindOnMap;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Rule;

/** Works out in the background, each hour and when somebody looks, the map of the house and what happened on it. */
final class WorkOutMap implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use WorksOutEachHour;

    /** Rows that are written in one round trip. */
    private const PIECE = 500;

    /** Of whoever may be given something so many are named. */
    private const NAMED = 12;

    private const MARK = 'map';

    public function handle(Houses $houses): void
    {
        $house = $houses->now();
        $now = CarbonImmutable::now();
        $at = $now->getTimestamp();
        $map = DrawMap::of(
            array_values($house->snapshot->tracks),
            self::runsheets($house->snapshot),
            self::duties($house->snapshot),
            array_values(
                array_filter(
                    $house->rulebook()->rulebook->rules,
                    static fn(Rule $rule): bool => $rule->active && $rule->isValidAt($at),
                ),
            ),
            $house->snapshot->roster,
            $at,
        );
        $history = new MapHistory($map, $house->snapshot, $now->subWeeks(MapHistory::WEEKS));
        (new TasksOnMap($history))->count();
        (new HandedOnMap($history))->count();
        (new RunsOnMap($history))->count();
        DB::transaction(static function () use ($history, $now): void {
            foreach ([FindingRow::class, ArrowRow::class, NodeRow::class, MapDrawing::class] as $table) {
                $table::query()->delete();
            }
            self::insert(new NodeRow(), self::nodes($history));
            self::insert(new ArrowRow(), self::arrows($history));
            self::insert(new FindingRow(), self::findings($history));
            MapDrawing::query()->create(['at' => $now]);
        }, attempts: 3);
    }

    /** @return list<Runsheet> */
    private static function runsheets(Snapshot $house): array
    {
        return array_values(
            RunsheetRow::query()
                ->whereNotNull('published_id')
                ->with('published')
                ->orderBy('position')
                ->get()
                ->map(static fn(RunsheetRow $one): Runsheet => ReadRunsheet::kept($one->published?->document, $house))
                ->all(),
        );
    }

    /** @return list<Duty> */
    private static function duties(Snapshot $house): array
    {
        return array_values(
            DutyRow::query()
                ->orderBy('name')
                ->get()
                ->map(static fn(DutyRow $one): Duty => ReadDuty::kept(Node::root($one->document), $house))
                ->all(),
        );
    }

    /** @return iterable<array<string, mixed>> */
    private static function nodes(MapHistory $history): iterable
    {
        foreach ($history->map->nodes as $node) {
            yield [
                'node' => $node->id,
                'kind' => $node->kind->value,
                'key' => $node->key,
                'name' => $node->name,
                'within' => $node->group,
                'can' => $node->can === null ? null : Document::encode(array_slice($node->can, 0, self::NAMED)),
                'can_number' => $node->can === null ? null : count($node->can),
                'pool' => $node->pool === null ? null : Document::encode(PartFormat::write($node->pool)),
            ] + self::counted($history->flows->counted($node->id));
        }
    }

    /** @return iterable<array<string, mixed>> */
    private static function arrows(MapHistory $history): iterable
    {
        foreach ($history->flows->arrows() as $key => $arrow) {
            yield [
                'kind' => $arrow->kind->value,
                'from_node' => $arrow->from,
                'to_node' => $arrow->to,
                'from_within' => $history->map->groupOf($arrow->from),
                'to_within' => $history->map->groupOf($arrow->to),
                'defined' => isset($history->map->arrows[$key]),
            ] + self::counted($history->flows->counted($key));
        }
    }

    /** @return iterable<array<string, mixed>> */
    private static function findings(MapHistory $history): iterable
    {
        foreach ((new FindOnMap($history->map, $history->flows))->all() as $one) {
            yield [
                'kind' => $one->kind->value,
                'node' => $one->node,
                'person' => $one->person,
            ] + self::counted($one->counted);
        }
    }

    /** @return array{number: int, median: int|null, ninety: int|null} */
    private static function counted(Counted $counted): array
    {
        return [
            'number' => $counted->number,
            'median' => $counted->minutes?->median,
            'ninety' => $counted->minutes?->ninety,
        ];
    }

    /** @param iterable<array<string, mixed>> $rows */
    private static function insert(Model $table, iterable $rows): void
    {
        $piece = [];
        foreach ($rows as $row) {
            $piece[] = $row;
            if (count($piece) === self::PIECE) {
                $table->newQuery()->insert($piece);
                $piece = [];
            }
        }
        $table->newQuery()->insert($piece);
    }
}
