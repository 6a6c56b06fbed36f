<?php

declare(strict_types=1);

namespace App\Messages;

use App\DomainEvents\About;
use App\Models\Cases\CustomerCase;
use App\Models\Messages\Message;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;

/** What a message is about: a task or a case. */
final readonly class WhatAbout
{
    /** @param string|null $contact by which whoever asked for it is reached before all; null: nothing is known */
    private function __construct(
        public ?string $taskId,
        public ?string $caseId,
        public string $title,
        public ?string $customerId,
        public ?string $contact = null,
        public ?CarbonImmutable $due = null,
    ) {}

    public static function task(Task $task): self
    {
        return new self($task->id, null, $task->title, $task->customer_id, $task->contact, $task->due_at);
    }

    public static function case(CustomerCase $case): self
    {
        return new self(null, $case->id, $case->title, $case->customer_id);
    }

    /** @return self|null null: it is about neither, or that is gone */
    public static function event(About $about): ?self
    {
        $task = $about->taskId === null ? null : Task::query()->find($about->taskId);
        $case = $about->caseId === null ? null : CustomerCase::query()->find($about->caseId);

        return match (true) {
            $task !== null => self::task($task),
            $case !== null => self::case($case),
            default => null,
        };
    }

    /** @return array{task_id: string|null, case_id: string|null} */
    public function columns(): array
    {
        return ['task_id' => $this->taskId, 'case_id' => $this->caseId];
    }

    /** @return array{task_id: string}|array{case_id: string} by which what belongs to it is found */
    public static function key(Message $message): array
    {
        return $message->case_id === null
            ? ['task_id' => (string) $message->task_id]
            : ['case_id' => $message->case_id];
    }
}
