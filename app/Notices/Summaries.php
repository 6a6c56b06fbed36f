<?php

declare(strict_types=1);

namespace App\Notices;

use App\Database\Row;
use App\Models\Events\NewsSort;
use App\Models\Events\Notice;
use App\Models\Reminders\ReminderMute;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskHolder;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * What stands in the summaries of the morning of several people: what is new for them since the last one, what is due
 * today and late, what changed hands, and who waits for an answer of theirs. In as many queries for many as for one.
 */
final class Summaries
{
    public const FRESH = 'fresh';
    public const DUE = 'due';
    public const LATE = 'late';
    public const MOVED = 'moved';
    public const ANSWER = 'answer';
    public const LEAD = 'lead';
    public const BESIDES = 'besides';
    private const SECTIONS = [self::FRESH, self::DUE, self::LATE, self::MOVED, self::ANSWER, self::LEAD, self::BESIDES];

    /** Of what happened before nobody wants to hear in the morning, however long they were away. */
    private const DAYS = 60;

    /**
     * @param list<Listener> $listeners
     *
     * @return array<string, Summary> by person
     */
    public static function of(array $listeners, CarbonImmutable $now): array
    {
        if ($listeners === []) {
            return [];
        }
        $ids = array_map(static fn(Listener $one): string => $one->person->id, $listeners);
        $tasks = self::tasks($ids, $now);
        $reviews = Task::query()
            ->where('status', TaskStatus::InReview)
            ->whereIn('reviewer_id', $ids)
            ->orderBy('number')
            ->get(['id', 'number', 'title', 'reviewer_id'])
            ->groupBy('reviewer_id');
        $notices = self::notices($listeners, $now)->groupBy('person_id');
        $summaries = [];
        foreach ($listeners as $listener) {
            $id = $listener->person->id;
            $words = $listener->words();
            $lines = self::news($listener, $notices->get($id) ?? new Collection(), $words, $now);
            foreach ($tasks[$id] ?? [] as [$due, $line]) {
                $section = self::section($due, $listener, $now);
                if ($section !== null) {
                    $lines[$section][] = $line;
                }
            }
            foreach ($reviews->get($id) ?? [] as $task) {
                $lines[self::ANSWER][] = self::task((int) $task->number, $task->title);
            }
            $summaries[$id] = new Summary(array_filter(array_replace(array_fill_keys(self::SECTIONS, []), $lines)));
        }

        return $summaries;
    }

    private static function task(int $number, string $title): string
    {
        return "№ {$number} {$title}";
    }

    private static function section(int $due, Listener $listener, CarbonImmutable $now): ?string
    {
        return match (true) {
            $due <= $now->getTimestamp() => self::LATE,
            $listener->zone->dateAt($due)->day === $listener->zone->dateAt($now->getTimestamp())->day => self::DUE,
            default => null,
        };
    }

    /**
     * What may be late or due today. Rows, not models: there are many, and two of their columns are said.
     *
     * @param list<string> $ids of people
     *
     * @return array<string, list<array{int, string}>> when it is due and its line, by who holds it
     */
    private static function tasks(array $ids, CarbonImmutable $now): array
    {
        $rows = Task::query()
            ->open()
            ->heldBy($ids)
            ->where('due_at', '<', $now->addDays(2))
            ->orderBy('due_at')
            ->orderBy('number')
            ->toBase()
            ->get(['id', 'number', 'title', 'due_at', 'assignee_id', 'do_together'])
            ->map(static fn(object $row): Row => new Row($row));
        $others = TaskHolder::query()
            ->whereIn(
                'task_id',
                $rows
                    ->filter(static fn(Row $row): bool => $row->intOrNull('do_together') !== null)
                    ->map(static fn(Row $row): string => $row->text('id')),
            )
            ->get(['task_id', 'person_id'])
            ->groupBy('task_id');
        $muted = self::muted($ids);
        $held = [];
        foreach ($rows as $row) {
            $holders = [
                $row->textOrNull('assignee_id'),
                ...$others->get($row->text('id'))?->map(static fn(TaskHolder $one): string => $one->person_id) ?? [],
            ];
            foreach (array_intersect($ids, array_filter($holders, is_string(...))) as $id) {
                if (isset($muted["{$id} {$row->text('id')}"])) {
                    continue;
                }
                $held[$id][] = [$row->instant('due_at'), self::task($row->int('number'), $row->text('title'))];
            }
        }

        return $held;
    }

    /**
     * @param list<string> $ids of people
     *
     * @return array<string, true> by person and task: of what comes due on it they want to hear nothing
     */
    private static function muted(array $ids): array
    {
        $muted = [];
        foreach (ReminderMute::query()->whereIn('person_id', $ids)->whereNotNull('task_id')->get() as $one) {
            $muted["{$one->person_id} {$one->task_id}"] = true;
        }

        return $muted;
    }

    /**
     * @param list<Listener> $listeners
     *
     * @return Collection<int, Notice>
     */
    private static function notices(array $listeners, CarbonImmutable $now): Collection
    {
        $since = $now;
        foreach ($listeners as $one) {
            $since = $since->min($one->summedAt ?? $now);
        }

        return Notice::query()
            ->whereIn('person_id', array_map(static fn(Listener $one): string => $one->person->id, $listeners))
            ->where('at', '>=', $since->max($now->subDays(self::DAYS)))
            ->with(['task:id,number,title', 'case:id,number,title', 'customer:id,slug,name', 'other:id,name'])
            ->orderBy('id')
            ->get();
    }

    /**
     * @param iterable<Notice> $notices of them
     *
     * @return array<string, list<string>> lines by section
     */
    private static function news(Listener $listener, iterable $notices, Words $words, CarbonImmutable $now): array
    {
        $lines = [];
        foreach ($notices as $notice) {
            $section = $notice->at >= ($listener->summedAt ?? $now) ? self::sectionOf($notice) : null;
            if ($section !== null) {
                $lines[$section][] = NoticeText::line($notice, $words);
            }
        }

        return $lines;
    }

    /** @return string|null null: the tasks themselves say it */
    private static function sectionOf(Notice $notice): ?string
    {
        return match (NewsSort::of($notice->kind)) {
            NewsSort::Given, NewsSort::SentBack => self::FRESH,
            NewsSort::Taken, NewsSort::Cover => self::MOVED,
            NewsSort::Mentioned, NewsSort::Commented => $notice->seen_at === null ? self::ANSWER : null,
            NewsSort::Alert => self::LEAD,
            NewsSort::DueSoon, NewsSort::Late => null,
            default => self::BESIDES,
        };
    }
}
