<?php

declare(strict_types=1);

namespace App\Notices;

use App\DomainEvents\HandedEvent;
use App\Models\Events\NoticeKind;

/** What one person is told. */
final readonly class NewNotice
{
    /**
     * @param string|null $otherId of the person whom it is about as well
     * @param string|null $text    of the rule
     */
    public function __construct(
        public HandedEvent $of,
        public string $personId,
        public NoticeKind $kind,
        public ?string $otherId = null,
        public ?string $text = null,
    ) {}

    /** @return array<string, mixed> without its id */
    public function row(): array
    {
        return [
            'person_id' => $this->personId,
            'task_id' => $this->of->taskId,
            'kind' => $this->kind->value,
            'other_id' => $this->otherId,
            'text' => $this->text,
            'at' => $this->of->at,
        ];
    }
}
