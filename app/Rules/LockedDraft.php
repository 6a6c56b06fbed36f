<?php

declare(strict_types=1);

namespace App\Rules;

use App\Bridge\HouseState;
use App\Models\House\House;
use App\Models\Rules\RulebookVersion;
use App\Refusals\DraftMovedOn;

/** The draft of the rulebook under the lock, seen as it is; null where there is none. */
final readonly class LockedDraft
{
    private function __construct(public ?RulebookVersion $draft, public int $revision) {}

    /** How often a draft has been saved, published or discarded in this house. Read it before the draft itself. */
    public static function revision(): int
    {
        return (int) House::query()->firstOrFail(['draft_revision'])->draft_revision;
    }

    /** The draft, locked until the transaction ends. */
    public static function take(): self
    {
        $state = HouseState::lock();

        return new self(RulebookVersion::query()->draft()->lockForUpdate()->first(), $state->draftRevision);
    }

    /** @throws DraftMovedOn where it is not as it was at that revision */
    public function asSeenAt(int $revision): self
    {
        return $this->revision === $revision ? $this : throw DraftMovedOn::of($this->draft);
    }

    /**
     * There is a draft, and it is as it was at that revision.
     *
     * @throws DraftMovedOn
     */
    public function existingAsSeenAt(int $revision): RulebookVersion
    {
        return $this->asSeenAt($revision)->draft ?? throw DraftMovedOn::of(null);
    }

    /** What was done changes the draft: whoever has seen it before has seen an older one. */
    public function moveOn(): int
    {
        House::query()->increment('draft_revision');

        return $this->revision + 1;
    }
}
