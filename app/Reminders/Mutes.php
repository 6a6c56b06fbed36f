<?php

declare(strict_types=1);

namespace App\Reminders;

use App\Models\Reminders\ReminderMute;

/** Who does not want to be reminded of what. */
final readonly class Mutes
{
    /** @param array<string, true> $muted by person, and reminder or task */
    private function __construct(private array $muted) {}

    /**
     * @param array<array-key, mixed> $tasks     ids
     * @param array<array-key, mixed> $reminders ids
     */
    public static function of(array $tasks, array $reminders = []): self
    {
        $muted = [];
        foreach (
            ReminderMute::query()->whereIn('task_id', $tasks)->orWhereIn('reminder_id', $reminders)->get()
            as $mute
        ) {
            $muted["{$mute->person_id} " . ($mute->task_id ?? $mute->reminder_id)] = true;
        }

        return new self($muted);
    }

    public function includes(string $personId, string $taskId, ?string $reminderId = null): bool
    {
        return isset($this->muted["{$personId} {$taskId}"]) || isset($this->muted["{$personId} {$reminderId}"]);
    }
}
