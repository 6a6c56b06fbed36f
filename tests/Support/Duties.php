<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Access\Actor;
use App\Duties\SaveDuty;
use App\Models\Duties\Duty;
use App\Models\Duties\DutyDate;
use App\Models\Tasks\Task;
use OpenBaton\Core\Document\Node;

/** Standing duties of the small house of the tests. */
final class Duties
{
    /**
     * @param array<string, mixed> $more members of the document
     *
     * @return array<string, mixed> every Friday, in turn
     */
    public static function document(array $more = []): array
    {
        return $more + [
            'openbaton' => 'duty/1',
            'id' => 'reeds',
            'name' => 'Reed count',
            'task' => ['kind' => 'quote', 'title' => 'Count the reeds, ~duty.period~', 'estimate' => 'PT30M'],
            'give' => [
                'pool' => ['kind' => 'people', 'people' => ['ayumi', 'femi']],
                'method' => ['kind' => 'round_robin', 'rotation' => 'Reeds', 'keep_missed' => 0],
                'limits' => [],
                'otherwise' => ['kind' => 'next_rule'],
            ],
            'comes' => ['rule' => 'FREQ=WEEKLY;BYDAY=FR', 'from' => '2026-03-02'],
            'due' => '+0 days',
            'off_day' => 'before',
            'still_open' => 'add',
            'catch_up' => 'each',
        ];
    }

    /** @param array<string, mixed> $more */
    public static function save(array $more = [], int $seen = 0): Duty
    {
        app()->forgetScopedInstances();

        return app(SaveDuty::class)(Node::root(self::document($more)), $seen, Actor::user(House::user('hanneke')));
    }

    /** The one that there is, or is made. */
    public static function known(): Duty
    {
        return Duty::query()->where('slug', 'reeds')->first() ?? self::save();
    }

    /**
     * @param callable(string): array<string, mixed> $props of a page
     *
     * @return list<array{string, string, mixed}> its pages, each with the type that it has
     */
    public static function pages(callable $props): array
    {
        self::save(['task' => ['customer' => 'holms-school'] + self::document()['task']]);
        Clock::tick('2026-03-06T09:00:00Z');
        app()->forgetScopedInstances();

        return [
            ['DutiesPage', 'DutiesPageProps', $props('/duties')],
            ['DutyEditorPage', 'DutyEditorPageProps', $props('/duties/reeds/edit')],
            ['DutyEditorPage', 'DutyEditorPageProps', $props('/duties/new?task=' . Task::query()->first()?->id)],
        ];
    }

    /** @return list<string> "key: who has the task", or why it was missed */
    public static function dates(): array
    {
        return array_values(
            DutyDate::query()
                ->with('task.assignee')
                ->orderBy('key')
                ->get()
                ->map(
                    static fn(DutyDate $one): string => $one->key->format('Y-m-d') .
                        ': ' .
                        ($one->missed->value ?? ($one->task->assignee->slug ?? 'nobody')),
                )
                ->all(),
        );
    }
}
