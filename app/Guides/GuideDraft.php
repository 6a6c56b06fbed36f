<?php

declare(strict_types=1);

namespace App\Guides;

use App\Models\Guides\GuideAbout;

/** What somebody has written for a guide. */
final readonly class GuideDraft
{
    /** @param list<array{about: GuideAbout, target: string}> $links each once */
    public function __construct(public string $name, public string $text, public array $links) {}
}
