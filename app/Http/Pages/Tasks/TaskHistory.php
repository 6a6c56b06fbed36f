<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Bridge\DecisionReader;
use App\Explain\ChangeWords;
use App\Explain\ReasonTrail;
use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use OpenBaton\Core\Rulebook\Event\CaseOpens;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;

/**
 * All that has happened to a task, a case or a customer, as one line through time, the latest last: what was done and
 * said, what rules made of it, and what followed from that. Its type is TaskHistory.ts.
 *
 * @phpstan-type Entry array<string, mixed>
 */
final readonly class TaskHistory
{
    private const NOTHING_MORE = [
        'reason' => null,
        'changes' => [],
        'because' => null,
        'comment' => null,
        'decision' => null,
        'follows' => [],
    ];

    public function __construct(
        private Viewer $viewer,
        private DecisionReader $decisions,
        private ChangeWordsInSight $changeWords,
    ) {}

    /**
     * The latest page, or the one before a moment.
     *
     * @param CarbonImmutable|null $before null: the latest
     *
     * @return array{entries: list<Entry>, earlier: string|null} earlier: the moment before which there is more;
     *     null: that is all
     */
    public function page(Task|CustomerCase|Customer $of, ?CarbonImmutable $before = null): array
    {
        $changes = HistoryWindow::before(HistoryWindow::changesOf($of), $before);
        $comments = HistoryWindow::before(HistoryWindow::saidOn($of), $before);
        $from = max(HistoryWindow::begin($changes), HistoryWindow::begin($comments));

        return [
            'entries' => $this->entries(
                $of,
                HistoryWindow::since($changes, $from)
                    ->with(['user', 'for', 'causedBy.task', 'causedBy.case', 'causedBy.customer'])
                    ->get(),
                HistoryWindow::since($comments, $from)
                    ->with(['user', 'for'])
                    ->get(),
                $from === null,
            ),
            'earlier' => $from === null ? null : Moment::of($from),
        ];
    }

    /**
     * @param Collection<int, TaskChange> $changes
     * @param Collection<int, Comment>    $comments
     * @param bool                        $whole    from the arrival on
     *
     * @return list<Entry>
     */
    private function entries(
        Task|CustomerCase|Customer $of,
        Collection $changes,
        Collection $comments,
        bool $whole,
    ): array {
        $decisions = HistoryWindow::decisions($of, $changes, $whole);
        $own = $decisions->modelKeys();
        $byChange = $decisions->keyBy(static fn(Decision $one): string => (string) $one->change_id);
        $following = $changes
            ->filter(static fn(TaskChange $one): bool => in_array($one->caused_by_id, $own, true))
            ->toBase()
            ->groupBy('caused_by_id');
        $words = $this->changeWords->of($changes);
        $entries = [];
        $arrival = $byChange->get('');
        if ($arrival !== null) {
            $entries[] = $this->entry(
                $of instanceof Task ? 'arrived' : CaseOpens::kind(),
                $arrival->at,
                $of->id,
                $of instanceof Task ? null : $arrival->user?->name,
                $arrival,
                $following,
                $byChange,
                $words,
            );
        }
        foreach ($changes as $change) {
            if (!in_array($change->caused_by_id, $own, true)) {
                $entries[] = $this->change($change, $following, $byChange, $words);
            }
        }
        foreach ($comments as $comment) {
            $entries[] = $this->comment($comment);
        }
        usort($entries, static fn(array $a, array $b): int => [$a['at'], $a['id']] <=> [$b['at'], $b['id']]);

        return array_values(array_filter($entries, self::tells(...)));
    }

    /**
     * What was said stands there as a comment; a moment that came and brought nothing about is not worth a line.
     *
     * @param Entry $entry
     */
    private static function tells(array $entry): bool
    {
        $decision = $entry['decision'];
        $acted = is_array($decision) && ($decision['rule'] !== null || $decision['effects'] !== []);

        return $acted || !in_array($entry['what'], ['commented', DateReached::kind(), Schedule::kind()], true);
    }

    /**
     * @param Collection<array-key, Collection<int, TaskChange>> $following changes by the decision that they follow
     *     from
     * @param Collection<array-key, Decision>                    $byChange
     *
     * @return Entry
     */
    private function change(TaskChange $change, Collection $following, Collection $byChange, ChangeWords $words): array
    {
        return [
            'id' => $change->id,
            'reason' => $change->reason,
            'changes' => $words->sentences((array) $change->difference),
            'because' => ChangeCause::words($change, $this->viewer->words()->words),
        ] +
            $this->entry(
                $change->occasion,
                $change->at,
                null,
                $this->by($change->user?->name, $change->for) ?? $change->system,
                $byChange->get($change->id),
                $following,
                $byChange,
                $words,
            );
    }

    /**
     * @param Collection<array-key, Collection<int, TaskChange>> $following
     * @param Collection<array-key, Decision>                    $byChange
     *
     * @return Entry
     */
    private function entry(
        string $what,
        CarbonImmutable $at,
        ?string $id,
        ?string $by,
        ?Decision $decision,
        Collection $following,
        Collection $byChange,
        ChangeWords $words,
    ): array {
        return [
            'id' => (string) $id,
            'at' => Moment::of($at),
            'what' => $what,
            'said' => $this->said($what, $by, $decision),
            'decision' =>
                $decision === null
                    ? null
                    : ['id' => $decision->id] +
                        (new ReasonTrail($this->viewer->words()))->brief($this->decisions->brief($decision)),
            'follows' => array_values(
                $following
                    ->get((string) $decision?->id, new Collection())
                    ->map(fn(TaskChange $one): array => $this->change($one, $following, $byChange, $words))
                    ->all(),
            ),
        ] + self::NOTHING_MORE;
    }

    /** @param Person|null $for in whose place they did it */
    private function by(?string $name, ?Person $for): ?string
    {
        return $name === null || $for === null
            ? $name
            : $this->viewer->words()->words->say('history.for', ['who' => $name, 'person' => $for->name]);
    }

    private function said(string $what, ?string $by, ?Decision $decision): string
    {
        $words = $this->viewer->words()->words;

        return $words->say('history.' . ($words->has("history.{$what}") ? $what : 'edited'), [
            'who' => $by ?? $words->say('history.somebody'),
            'label' => ($decision === null ? null : $this->decisions->pressed($decision)) ?? 'none',
        ]);
    }

    /** @return Entry */
    private function comment(Comment $comment): array
    {
        $names = array_map(
            fn(string $slug): string => $this->viewer->words()->person($slug),
            $comment->mentionedSlugs(),
        );

        return [
            'id' => $comment->id,
            'at' => Moment::of($comment->at),
            'what' => 'said',
            'said' => $this->viewer
                ->words()
                ->words->say($comment->from_customer ? 'history.customer_said' : 'history.said', [
                    'who' => (string) $this->by($comment->user?->name, $comment->for),
                    'to' => $names === [] ? 'none' : implode(', ', $names),
                ]),
            'comment' => $comment->body,
        ] + self::NOTHING_MORE;
    }
}
