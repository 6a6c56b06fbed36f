<?php

declare(strict_types=1);

namespace App\Http\Pages\Reminders;

use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Reminders\Reminder;
use App\Models\Reminders\ReminderMoment;
use App\Models\Reminders\ReminderMute;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;

/** Reminders as they stand on pages. Their types are in RemindersPage.ts. */
final readonly class ReminderLines
{
    /** Of one task. */
    private const MOST = 10;

    public function __construct(private Viewer $viewer) {}

    /**
     * @param Reminder $reminder with its kind and its task
     *
     * @return array<string, mixed>
     */
    public function line(Reminder $reminder, bool $muted): array
    {
        return [
            'id' => $reminder->id,
            'kind' =>
                $reminder->kind === null ? null : ['slug' => $reminder->kind->slug, 'name' => $reminder->kind->name],
            'task' =>
                $reminder->task === null
                    ? null
                    : [
                        'id' => $reminder->task->id,
                        'number' => (int) $reminder->task->number,
                        'title' => $reminder->task->title,
                    ],
            'audience' => $reminder->audience->value,
            'field' => $reminder->field,
            'label' => $this->viewer->words()->field($reminder->field),
            'offset' => $reminder->offset,
            'time' => $reminder->time,
            'channels' => array_column($reminder->by(), 'value'),
            'text' => $reminder->text,
            'muted' => $muted,
            'mayChange' => $this->viewer->user()->can('change', $reminder),
        ];
    }

    /** @return list<array{path: string, label: string}> dates that one can be reminded of */
    public function fields(): array
    {
        $words = $this->viewer->words();

        return array_values(
            array_map(
                static fn(Field $field): array => ['path' => $field->path, 'label' => $words->field($field->path)],
                array_filter(
                    $this->viewer->snapshot()->catalogue->fields,
                    static fn(Field $field): bool => $field->type === FieldType::Date && !$field->retired,
                ),
            ),
        );
    }

    /**
     * @param Task $task with those who hold it
     *
     * @return array<string, mixed>|null what whoever looks will be reminded of on it; null: they are nobody who is
     */
    public function ofTask(Task $task): ?array
    {
        $person = $this->viewer->person();
        if ($person === null) {
            return null;
        }
        $mutes = ReminderMute::query()
            ->where('person_id', $person->id)
            ->where(static fn(Builder $of): Builder => $of->whereNotNull('reminder_id')->orWhere('task_id', $task->id))
            ->get();
        $holds = in_array($person->id, $task->holderIds(), true);
        $reminders = Reminder::query()
            ->where(
                static fn(Builder $any): Builder => $any
                    ->where(
                        static fn(Builder $own): Builder => $own
                            ->where('person_id', $person->id)
                            ->where(
                                static fn(Builder $of): Builder => $of
                                    ->whereNull('task_id')
                                    ->orWhere('task_id', $task->id),
                            ),
                    )
                    ->orWhere('task_kind_id', $task->task_kind_id),
            )
            ->orderBy('id')
            ->limit(3 * self::MOST)
            ->get()
            ->filter(static fn(Reminder $one): bool => $one->remindsOf($task, $person->id, $holds));
        $moments = ReminderMoment::query()
            ->toCome()
            ->where('task_id', $task->id)
            ->whereIn('reminder_id', $reminders->modelKeys())
            ->orderBy('at')
            ->get()
            ->keyBy('reminder_id');

        return [
            'muted' => $mutes->contains('task_id', $task->id),
            'lines' => array_values(
                $reminders
                    ->map(
                        fn(Reminder $one): array => [
                            'at' => Moment::orNull($moments->get($one->id)?->at),
                        ] +
                            $this->line(
                                $one
                                    ->setRelation('kind', $one->task_kind_id === null ? null : $task->kind)
                                    ->setRelation('task', null),
                                $mutes->contains('reminder_id', $one->id),
                            ),
                    )
                    ->all(),
            ),
            'fields' => $this->fields(),
        ];
    }
}
