<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\ShortText;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\TagRemoved;

/** Takes a tag off. */
final readonly class RemoveTag implements FollowUp
{
    public function __construct(public string $tag) {}

    public static function kind(): string
    {
        return 'tag_off';
    }

    public static function parameters(): array
    {
        return [Parameter::required('tag', new ShortText(TextLimits::TAG))];
    }

    public function effect(Situation $situation): Effect
    {
        return new TagRemoved($this->tag);
    }
}
