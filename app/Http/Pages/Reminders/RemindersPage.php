<?php

declare(strict_types=1);

namespace App\Http\Pages\Reminders;

use App\Http\Viewer;
use App\Models\House\House;
use App\Models\Reminders\Reminder;
use App\Models\Reminders\ReminderMute;
use App\Models\Tasks\TaskKind;
use Illuminate\Database\Eloquent\Collection;

/** What somebody is reminded of, and what kinds propose. Its type is RemindersPage.ts. */
final readonly class RemindersPage
{
    private const MOST = 200;

    public function __construct(private Viewer $viewer, private ReminderLines $lines) {}

    /** @return array<string, mixed> */
    public function props(): array
    {
        $person = $this->viewer->person();
        $mutes = ReminderMute::query()
            ->where('person_id', $person?->id)
            ->with('task:id,number,title')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();
        $own =
            $person === null
                ? new Collection()
                : Reminder::query()
                    ->where('person_id', $person->id)
                    ->with(['kind', 'task:id,number,title'])
                    ->orderBy('id')
                    ->limit(self::MOST)
                    ->get();
        $proposed = Reminder::query()
            ->proposed()
            ->with(['kind', 'task:id,number,title'])
            ->orderBy('id')
            ->limit(self::MOST)
            ->get();
        $line = fn(Reminder $one): array => $this->lines->line($one, $mutes->contains('reminder_id', $one->id));

        return [
            'own' => $person === null ? null : array_values($own->map($line)->all()),
            'proposed' => array_values($proposed->map($line)->all()),
            'mutedTasks' => array_values(
                $mutes
                    ->whereNotNull('task')
                    ->map(
                        static fn(ReminderMute $one): array => [
                            'id' => (string) $one->task?->id,
                            'number' => (int) $one->task?->number,
                            'title' => (string) $one->task?->title,
                        ],
                    )
                    ->all(),
            ),
            'fields' => $this->lines->fields(),
            'kinds' => $this->viewer->user()->can('propose', Reminder::class)
                ? TaskKind::query()
                    ->orderBy('position')
                    ->get(['slug', 'name'])
                    ->toArray()
                : null,
            'dueSoonMinutes' => House::query()->firstOrFail()->due_soon_minutes,
        ];
    }
}
