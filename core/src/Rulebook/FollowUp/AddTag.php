<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\ShortText;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\TagAdded;

/** Puts a tag on. */
final readonly class AddTag implements FollowUp
{
    public function __construct(public string $tag) {}

    public static function kind(): string
    {
        return 'tag';
    }

    public static function parameters(): array
    {
        return [Parameter::required('tag', new ShortText(TextLimits::TAG))];
    }

    public function effect(Situation $situation): Effect
    {
        return new TagAdded($this->tag);
    }
}
