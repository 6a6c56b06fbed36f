<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\RulebookVersion;

/** Somebody else saved, published or discarded the draft in the meantime. */
final class DraftMovedOn extends MovedOn
{
    public static function of(?RulebookVersion $draft): self
    {
        return new self($draft === null
            ? 'The draft has been published or discarded in the meantime. Your changes are still on this page, until you look at the rulebook as it is.'
            : 'Somebody else saved this draft in the meantime. Your changes are still on this page, until you look at theirs.');
    }
}
