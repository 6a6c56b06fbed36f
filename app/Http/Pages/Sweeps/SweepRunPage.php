<?php

declare(strict_types=1);

namespace App\Http\Pages\Sweeps;

use App\Explain\ChangeWords;
use App\Explain\SweepWords;
use App\Http\Pages\Tasks\ListWords;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Models\Sweeps\SweptState;
use App\Models\Sweeps\SweptTask;
use App\Models\Tasks\Task;
use App\Sweeps\ChosenTasks;
use App\Sweeps\LookAtSweep;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Sweep\SweptState as ComesTo;

/** A sweep over chosen tasks: what comes of each, whose load changes, how far it is. Its type is SweepRunPage.ts. */
final readonly class SweepRunPage
{
    private const PAGE = 100;

    public function __construct(private Viewer $viewer, private ListWords $lists) {}

    /** @return array<string, mixed> */
    public function props(SweepRun $run, ComesTo $shown, int $page): array
    {
        $counts = static fn(): array => once(static fn(): array => self::counts($run));
        $pages = static fn(): int => max(1, (int) ceil($counts()['comesTo'][$shown->value] / self::PAGE));

        return [
            'run' => fn(): array => $this->run($run->loadMissing('user')),
            'progress' => static fn(): array => self::progressBy($run, $counts()['byState']),
            'counts' => $counts,
            'loads' => fn(): array => $this->loads($run),
            'rows' => fn(): array => $this->rows($run, $shown, min($page, $pages())),
            'shown' => $shown->value,
            'page' => static fn(): int => min($page, $pages()),
            'pages' => $pages,
        ];
    }

    /** @return array<string, mixed> a SweepProgress of SweepRunPage.ts */
    public static function progress(SweepRun $run): array
    {
        return self::progressBy($run, self::counts($run)['byState']);
    }

    /**
     * @param array<string, int> $by how many tasks are in which state
     *
     * @return array<string, mixed>
     */
    private static function progressBy(SweepRun $run, array $by): array
    {
        $undone = $by['undone'] + $by['partly'];
        [$done, $total] = match ($run->state) {
            SweepState::Looking => [$run->looked, $run->total],
            SweepState::Undoing, SweepState::Undone => [$undone, $by['carried'] + $undone],
            default => [$by['carried'] + $by['passed'] + $by['failed'] + $undone, array_sum($by) - $by['left_out']],
        };

        return [
            'state' => $run->state->value,
            'underWay' => $run->state->isUnderWay(),
            'done' => $done,
            'total' => $total,
            // What was stopped before all of it was done can go on.
            'mayGoOn' =>
                $run->state === SweepState::Stopped &&
                $run->carried_at !== null &&
                $undone === 0 &&
                $by['foreseen'] > 0,
            'mayUndo' => in_array($run->state, [SweepState::Done, SweepState::Stopped], true) && $by['carried'] > 0,
        ];
    }

    /**
     * @return array{comesTo: array<string, int>, byState: array<string, int>, otherwise: int, left: int} by what comes
     *     of them; by their states, of those that change; how many came to something else; how many it is not for
     */
    private static function counts(SweepRun $run): array
    {
        $comesTo = array_fill_keys(array_column(ComesTo::cases(), 'value'), 0);
        $byState = array_fill_keys(array_column(SweptState::cases(), 'value'), 0);
        $otherwise = 0;
        // The query builder has no count by groups; there is nothing in it from outside.
        foreach (
            $run
                ->tasks()
                ->groupBy('comes_to', 'state', 'otherwise')
                ->selectRaw('comes_to, state, otherwise, COUNT(*) AS number')
                ->get()
            as $row
        ) {
            $number = is_numeric($row->getAttribute('number')) ? (int) $row->getAttribute('number') : 0;
            $comesTo[$row->comes_to->value] += $number;
            $otherwise += $row->otherwise ? $number : 0;
            if ($row->comes_to === ComesTo::Changes || $row->state !== SweptState::Foreseen) {
                $byState[$row->state->value] += $number;
            }
        }

        return [
            'comesTo' => $comesTo,
            'byState' => $byState,
            'otherwise' => $otherwise,
            'left' => $run->looked - array_sum($comesTo),
        ];
    }

    /** @return array<string, mixed> */
    private function run(SweepRun $run): array
    {
        $chosen = (array) $run->chosen;

        return SweepLine::of($run) + [
            'said' =>
                $run->document === null
                    ? null
                    : (new SweepWords($this->viewer->words()))->say(Node::root($run->document)),
            'over' => $this->over($run),
            'sweep' => $run->sweep_id,
            'chosen' => isset($chosen['ids'])
                ? ['ids' => $chosen['ids']]
                : ['filter' => (object) ($chosen['filter'] ?? [])],
            'canLookAnew' => $run->rule_id !== null || $run->sweep_id !== null,
            'why' => $run->why,
            'looked' => $run->looked,
            'most' => LookAtSweep::MOST_CHANGED,
            'isStale' =>
                $run->carried_at === null &&
                $run->rulebook_version_id !== RulebookVersion::query()->published()->value('id'),
        ];
    }

    /** Over which tasks it is. */
    private function over(SweepRun $run): string
    {
        $words = $this->viewer->words()->words;
        $ids = ((array) $run->chosen)['ids'] ?? null;
        $filter = ChosenTasks::filter($run);

        return match (true) {
            is_array($ids) => $words->say('sweep.over_chosen', ['count' => count($ids)]),
            $filter->params() === [] => $words->say('sweep.over_all'),
            default => $words->say('sweep.over_list', [
                'list' => $this->lists->said($filter, $this->lists->options()),
            ]),
        };
    }

    /** @return list<array<string, mixed>> */
    private function loads(SweepRun $run): array
    {
        $loads = [];
        foreach ((array) $run->loads as $one) {
            if (is_array($one) && is_string($one['person'] ?? null)) {
                $loads[] = [
                    ...$this->viewer->words()->named($one['person']),
                    'before' => $one['before'] ?? null,
                    'after' => $one['after'] ?? null,
                    'tasksBefore' => $one['tasks_before'] ?? 0,
                    'tasksAfter' => $one['tasks_after'] ?? 0,
                ];
            }
        }

        return $loads;
    }

    /** @return list<array<string, mixed>> */
    private function rows(SweepRun $run, ComesTo $shown, int $page): array
    {
        $rows = $run
            ->tasks()
            ->where('comes_to', $shown)
            ->with('task:id,number,title,assignee_id')
            ->orderBy('place')
            ->forPage($page, self::PAGE)
            ->get();
        $ids = array_merge(
            [],
            ...$rows->map(static fn(SweptTask $one): array => ChangeWords::tasksIn($one->difference))->all(),
        );
        $names = [];
        foreach (
            $ids === []
                ? []
                : Task::query()
                    ->whereKey($ids)
                    ->get(['id', 'number', 'title'])
            as $task
        ) {
            $names[$task->id] = "№ {$task->number} {$task->title}";
        }
        $words = new ChangeWords($this->viewer->words(), $names);

        return array_values($rows->map(fn(SweptTask $one): array => $this->row($one, $words))->all());
    }

    /** @return array<string, mixed> */
    private function row(SweptTask $one, ChangeWords $words): array
    {
        $seat = isset($one->difference['holder']) || !isset($one->difference['reviewer']) ? 'holder' : 'reviewer';
        $house = $this->viewer->snapshot();
        // What stays where it is is with whoever has it now.
        $stays = [$house->personSlugs[(string) $one->task?->assignee_id] ?? null, null];
        [$from, $to] = (array) ($one->difference[$seat] ?? $stays) + [null, null];
        $named = fn(mixed $slug): ?array => is_string($slug) ? $this->viewer->words()->named($slug) : null;
        $rules = $this->viewer->ruleNames();

        return [
            'place' => $one->place,
            'id' => $one->task_id,
            'number' => (int) $one->task?->number,
            'title' => (string) $one->task?->title,
            'state' => $one->state->value,
            'moves' => isset($one->difference[$seat]),
            'from' => $named($from),
            'to' => $named($to),
            'besides' => $words->sentences(array_diff_key($one->difference, [$seat => true])),
            'answered' => array_map(static fn(string $id): string => $rules[$id] ?? $id, $one->answered),
            'made' => $one->made,
            'others' => $one->others,
            'otherwise' => $one->otherwise,
        ];
    }
}
