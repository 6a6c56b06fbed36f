<?php

declare(strict_types=1);

namespace App\Http\Pages\Levelling;

use App\Http\Pages\PersonRef;
use App\Http\Viewer;
use App\Levelling\LevelProblem;
use App\Levelling\UndoLevelling;
use App\Models\Levelling\LevelledMove;
use App\Models\Levelling\Levelling;
use App\Models\Levelling\LevellingState;
use Illuminate\Support\Collection;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Levelling\Move;
use OpenBaton\Core\Levelling\Weighed;
use OpenBaton\Core\Levelling\Weighing;

/** A levelling: what it would move, what that comes to, what was left of it. Its type is LevellingPage.ts. */
final readonly class LevellingPage
{
    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function props(Levelling $levelling): array
    {
        $levelling->load(['user', 'appliedBy']);

        return [
            'levelling' => fn(): array => LevellingLine::of($levelling, $this->viewer),
            'progress' => static fn(): array => self::progress($levelling),
            'plan' => fn(): ?array => $levelling->problem === null
                ? null
                : $this->plan($levelling, LevelProblem::read($levelling->problem)),
            'begun' => static fn(): int => $levelling->state === LevellingState::Applied
                ? UndoLevelling::begun($levelling)
                : 0,
            'options' => fn(): array => LevellingsPage::options($this->viewer),
        ];
    }

    /** @return array<string, mixed> a LevellingProgress of LevellingPage.ts */
    public static function progress(Levelling $levelling): array
    {
        $result = LevelResult::of($levelling);
        $left = $levelling->moves()->where('left', true)->pluck('place')->all();

        return [
            'state' => $levelling->state->value,
            'steps' => $levelling->steps,
            'budget' => $levelling->budget,
            'before' => $result?->minutes('before'),
            'best' => $result?->minutes('after'),
            // Otherwise than it was: somebody has chosen otherwise.
            'mark' => md5(json_encode([$levelling->state->value, $left], JSON_THROW_ON_ERROR)),
        ];
    }

    /** @return array<string, mixed> */
    private function plan(Levelling $levelling, LevelProblem $problem): array
    {
        $moves = $levelling
            ->moves()
            ->with(['task:id,number,title,due_at', 'from', 'to'])
            ->get();
        $weighing = new Weighing($problem->tasks, $problem->reach($this->viewer->snapshot()->roster));
        $taken = self::moves($moves->where('left', false));
        $before = $weighing->of([]);
        $after = $weighing->of($taken);
        $all = $weighing->of(self::moves($moves));
        $savings = $weighing->savings($taken);

        return [
            'before' => self::measures($before),
            'after' => self::measures($after),
            'bound' => (int) LevelResult::of($levelling)?->bound(),
            'groups' => array_values(
                $moves
                    ->groupBy('group')
                    ->map(
                        static fn(Collection $group, int|string $number): array => [
                            'group' => (int) $number,
                            'left' => $group->contains('left', true),
                            'saves' => isset($savings[$number]) ? LevelResult::inMinutes($savings[$number]) : null,
                            'moves' => array_values(
                                $group
                                    ->map(
                                        static fn(LevelledMove $one): array => self::move(
                                            $one,
                                            $before,
                                            $one->left ? $all : $after,
                                        ),
                                    )
                                    ->all(),
                            ),
                        ],
                    )
                    ->all(),
            ),
            'people' => $this->people($moves, $before, $after),
        ];
    }

    /**
     * @param Collection<int, LevelledMove> $moves
     *
     * @return list<Move>
     */
    private static function moves(Collection $moves): array
    {
        return array_values(
            $moves
                ->map(
                    static fn(LevelledMove $one): Move => new Move(
                        $one->task_id,
                        (string) $one->from?->slug,
                        (string) $one->to?->slug,
                        (int) $one->group,
                    ),
                )
                ->all(),
        );
    }

    /** @return array<string, int|null> */
    private static function measures(Weighed $weighed): array
    {
        return [
            'late' => LevelResult::inMinutes($weighed->cost->late),
            'peak' => LevelResult::percent($weighed->cost->peak),
            'moves' => $weighed->cost->moves,
            'breaks' => $weighed->cost->breaks,
        ];
    }

    /** @return array<string, mixed> a LevelledMove of LevellingPage.ts */
    private static function move(LevelledMove $one, Weighed $before, Weighed $after): array
    {
        $finish = static fn(Weighed $in, string $of): ?string => Instant::orNull(
            $in->people[$of]->finishes[$one->task_id] ?? null,
        );

        return [
            'task' => $one->task_id,
            'number' => (int) $one->task?->number,
            'title' => (string) $one->task?->title,
            'due' => Instant::orNull($one->task?->due_at?->getTimestamp()),
            'from' => PersonRef::orNull($one->from),
            'to' => PersonRef::orNull($one->to),
            'finishBefore' => $finish($before, (string) $one->from?->slug),
            'finishAfter' => $finish($after, (string) $one->to?->slug),
            'came' => $one->came,
        ];
    }

    /**
     * @param Collection<int, LevelledMove> $moves
     *
     * @return list<array<string, mixed>> whoever gives, takes, or is late in any way; the most relieved first
     */
    private function people(Collection $moves, Weighed $before, Weighed $after): array
    {
        $touched = [];
        foreach ($moves as $move) {
            $touched[(string) $move->from?->slug] = $touched[(string) $move->to?->slug] = true;
        }
        $lines = [];
        foreach ($before->people as $slug => $was) {
            $is = $after->people[$slug];
            if (!isset($touched[$slug]) && $was->strain->late === 0 && $is->strain->late === 0) {
                continue;
            }
            $lines[] = [
                ...$this->viewer->words()->named((string) $slug),
                'lateBefore' => LevelResult::inMinutes($was->strain->late),
                'lateAfter' => LevelResult::inMinutes($is->strain->late),
                'peakBefore' => LevelResult::percent($was->strain->peak),
                'peakAfter' => LevelResult::percent($is->strain->peak),
                'overFrom' => Instant::orNull($was->overFrom),
                'tasksBefore' => count($was->finishes),
                'tasksAfter' => count($is->finishes),
            ];
        }
        usort(
            $lines,
            static fn(array $a, array $b): int => $b['lateBefore'] - $b['lateAfter'] <=>
            $a['lateBefore'] - $a['lateAfter'] ?:
            ($b['peakBefore'] ?? PHP_INT_MAX) <=> ($a['peakBefore'] ?? PHP_INT_MAX) ?:
            $a['slug'] <=> $b['slug'],
        );

        return $lines;
    }
}
