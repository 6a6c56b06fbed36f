<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Guides\Guide;

/** A guide is in no state for what was asked. */
final class GuideMovedOn extends Refused
{
    public static function since(Guide $guide): self
    {
        return new self('moved_on.guide', [
            'name' => $guide->name,
            'who' => $guide->author->name ?? 'none',
            'retired' => $guide->isRetired() ? 'true' : 'false',
        ]);
    }

    public static function withoutKind(): self
    {
        return new self('moved_on.guide_kind');
    }

    public static function withoutAuthor(Guide $guide): self
    {
        return new self('moved_on.guide_author', ['name' => $guide->name]);
    }
}
