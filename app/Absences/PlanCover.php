<?php

declare(strict_types=1);

namespace App\Absences;

use App\Bridge\CaseSubjects;
use App\Bridge\Houses;
use App\Bridge\PlacingRules;
use App\Bridge\TaskSubjects;
use App\Bridge\WorkReader;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\CaseCoverMoves;
use OpenBaton\Core\Absence\CoverPlan;
use OpenBaton\Core\Absence\CoverPlanner;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Rulebook\SeatName;

/** Works out the cover plan of an absence, of one that is asked for as of one that is only thought of. */
final readonly class PlanCover
{
    /** Cases that a plan lists. */
    private const CASES = 500;

    public function __construct(private Houses $houses, private TaskSubjects $subjects, private CaseSubjects $cases) {}

    /** @param array<array-key, string|null> $set what was set by hand, by task: who gets it; null: it stays */
    public function of(Absence $absence, array $set): CoverPlan
    {
        $now = $this->houses->now();
        $house = $now->snapshot;
        $absence = $absence->approved();
        $roster = $house->roster->with($absence);
        $router = $now->router();
        $id = $house->personIds[$absence->personId];
        $tasks = Task::query()->with(TaskSubjects::RELATIONS)->open()->concerning($id)->get();
        $people = array_values(
            array_unique([
                ...self::answering($absence->personId, $absence, $roster),
                ...array_values(array_filter($set)),
            ]),
        );

        return (new CoverPlanner($roster, $router->facts->in($roster)))->plan(
            $absence,
            $this->subjects->all($tasks, $now),
            WorkReader::of(new Needs($people, [], []), $house),
            CarbonImmutable::now()->getTimestamp(),
            PlacingRules::of($tasks->modelKeys(), $router->rulebook->rulebook),
            $set,
        );
    }

    /** @return list<array{CustomerCase, string|null}> cases that they own, with who answers for them, by slug */
    public function cases(Absence $absence): array
    {
        $now = $this->houses->now();
        $house = $now->snapshot;
        $absence = $absence->approved();
        $roster = $house->roster->with($absence);
        $rows = CustomerCase::query()
            ->with(CaseSubjects::RELATIONS)
            ->open()
            ->where('owner_id', $house->personIds[$absence->personId])
            ->orderBy('number')
            ->limit(self::CASES)
            ->get();
        $moves = (new CaseCoverMoves($roster, $now->router()->facts->in($roster), [$absence->id => true]))->of(
            $absence->personId,
            $this->cases->all($rows, $now),
            WorkReader::of(new Needs([$absence->personId], [], []), $house)->held($absence->personId),
            CarbonImmutable::now()->getTimestamp(),
        );
        $to = [];
        foreach ($moves as $move) {
            $to[$move->after->id] = $move->after->occupant(SeatName::Owner);
        }

        return array_values($rows->map(static fn(CustomerCase $one): array => [$one, $to[$one->id] ?? null])->all());
    }

    /**
     * @return list<string> whoever may come to answer for somebody: their substitutes, and those of these, and the
     *     leads of their teams
     */
    private static function answering(string $personId, Absence $absence, Roster $roster): array
    {
        $found = [$personId => true];
        for ($waiting = [$personId]; $waiting !== []; ) {
            $id = array_shift($waiting);
            $substitutes = array_merge(
                ...array_map(
                    static fn(Absence $one): array => $one->substituteIds(),
                    $id === $personId ? [$absence] : $roster->absencesOf($id),
                ),
            );
            foreach (
                array_filter([
                    ...$substitutes,
                    ...array_map(static fn(Team $team): ?string => $team->leadId, $roster->teamsOf($id)),
                ])
                as $next
            ) {
                if (!isset($found[$next])) {
                    $found[$next] = true;
                    $waiting[] = $next;
                }
            }
        }

        return array_map(strval(...), array_keys($found));
    }
}
