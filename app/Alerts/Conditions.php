<?php

declare(strict_types=1);

namespace App\Alerts;

use App\Bridge\HouseAt;
use App\Bridge\WorkReader;
use App\Models\Alerts\Alert;
use App\Models\Duties\Duty;
use App\Models\Messages\Message;
use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Alert\AlertKind;
use OpenBaton\Core\Alert\Condition;
use OpenBaton\Core\Alert\WorkConditions;
use OpenBaton\Core\Flow\Duty\DutyMissed;
use OpenBaton\Core\Message\MessageState;

/** What holds now of all that leads may be alerted to. */
final class Conditions
{
    /** Of each kind that rows tell. */
    private const MOST = 500;

    /** Kinds that are found in the work in hand of everybody. */
    private const OF_WORK = [
        AlertKind::Overload->value,
        AlertKind::CannotBeInTime->value,
        AlertKind::SkillMissing->value,
    ];

    /**
     * @param array<string, Alert> $alerts by kind
     *
     * @return array<string, list<Condition>> by kind, of those that are on
     */
    public static function of(array $alerts, HouseAt $house, CarbonImmutable $now): array
    {
        $on = array_filter($alerts, static fn(Alert $one): bool => $one->on === true);
        $conditions = array_map(static fn(): array => [], $on);
        foreach (self::found($on, $house, $now) as $one) {
            if (isset($conditions[$one->kind->value])) {
                $conditions[$one->kind->value][] = $one;
            }
        }

        return $conditions;
    }

    /**
     * @param array<string, Alert> $on those that are, by kind
     *
     * @return iterable<Condition>
     */
    private static function found(array $on, HouseAt $house, CarbonImmutable $now): iterable
    {
        $threshold = static fn(AlertKind $kind): int => $on[$kind->value]->threshold ?? 0;
        if (array_intersect_key($on, array_flip(self::OF_WORK)) !== []) {
            yield from (new WorkConditions(
                $house->snapshot->roster,
                $threshold(AlertKind::Overload),
                $threshold(AlertKind::CannotBeInTime),
            ))->of(WorkReader::ofEverybody($house->snapshot), $now->getTimestamp());
        }
        if (isset($on[AlertKind::Unplaced->value])) {
            yield from self::unplaced($now->subMinutes($threshold(AlertKind::Unplaced)));
        }
        yield from self::rows(
            AlertKind::GivenUp,
            Message::query()
                ->where('state', MessageState::GivenUp)
                ->orderByDesc('id')
                ->limit(self::MOST)
                ->pluck('id')
                ->all(),
        );
        yield from self::rows(
            AlertKind::Cut,
            ChainCut::query()->whereNull('seen_at')->limit(self::MOST)->pluck('id')->all(),
        );
        yield from self::rows(
            AlertKind::DutyNotMade,
            Duty::query()
                ->whereRelation('lastDate', 'missed', DutyMissed::Impossible)
                ->orderBy('id')
                ->limit(self::MOST)
                ->pluck('id')
                ->all(),
        );
    }

    /** @return list<Condition> tasks that came by then, and were with nobody ever since */
    private static function unplaced(CarbonImmutable $by): array
    {
        return self::rows(
            AlertKind::Unplaced,
            Task::query()
                ->unplaced()
                ->where('arrived_at', '<=', $by)
                ->whereNotExists(
                    Handoff::query()
                        ->whereColumn('handoffs.task_id', 'tasks.id')
                        ->where('handoffs.at', '>', $by)
                        ->toBase(),
                )
                ->orderBy('arrived_at')
                ->limit(self::MOST)
                ->pluck('id')
                ->all(),
        );
    }

    /**
     * @param array<array-key, mixed> $ids
     *
     * @return list<Condition>
     */
    private static function rows(AlertKind $kind, array $ids): array
    {
        return array_values(
            array_map(
                static fn(mixed $id): Condition => new Condition($kind, is_scalar($id) ? (string) $id : ''),
                $ids,
            ),
        );
    }
}
