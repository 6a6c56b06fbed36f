<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

use OpenBaton\Core\Refusal;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\WorkingHours;

/** A task for each of many nodes of a tree, alike but for where it is and who does it. */
final readonly class Rollout
{
    /**
     * @param string      $taskKind  code
     * @param string|null $holder    attribute of the node, or of the next above it that has it; null: the rules say
     * @param string|null $reviewer  likewise; null: nobody
     * @param int|null    $startAt   instant
     * @param int|null    $dueAt     instant
     * @param bool        $hidden    not to be seen by those who will have it, nor counted as load, before its start
     * @param int|null    $estimate  minutes; null: what the kind usually takes
     * @param string|null $checklist code
     *
     * @throws Refusal
     */
    public function __construct(
        public string $name,
        public string $taskKind,
        public MergedText $title,
        public ?MergedText $details = null,
        public ?string $holder = null,
        public ?string $reviewer = null,
        public ?int $startAt = null,
        public ?int $dueAt = null,
        public bool $hidden = false,
        public ?int $estimate = null,
        public ?string $checklist = null,
    ) {
        if ($startAt !== null && $dueAt !== null && $dueAt < $startAt) {
            throw new Refusal('It is due before it starts.');
        }
        if ($hidden && $startAt === null) {
            throw new Refusal('What is not to be seen before its start needs one.');
        }
    }

    /** The same again with its dates moved. */
    public function moved(Offset $by, WorkingHours $house): self
    {
        $moved = static function (?int $instant) use ($by, $house): ?int {
            try {
                return $instant === null ? null : $by->fromInstant($instant, $house);
            } catch (NoWorkingTime) {
                return $instant;
            }
        };

        return new self(
            $this->name,
            $this->taskKind,
            $this->title,
            $this->details,
            $this->holder,
            $this->reviewer,
            $moved($this->startAt),
            $moved($this->dueAt),
            $this->hidden,
            $this->estimate,
            $this->checklist,
        );
    }
}
