<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Rules\RulebookVersion;

/** Somebody else saved, published or discarded the draft in the meantime. */
final class DraftMovedOn extends Refused
{
    /** @param RulebookVersion|null $draft as it is now; null: there is none */
    public static function of(?RulebookVersion $draft): self
    {
        return new self($draft === null ? 'moved_on.draft_gone' : 'moved_on.draft_saved');
    }
}
