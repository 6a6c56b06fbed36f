<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\ShortText;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\TagAdded;
use OpenBaton\Core\Subject\SubjectKind;

/** Puts a tag on. */
final readonly class AddTag implements ActsOnCase, StepAct
{
    /** @param SubjectKind|null $of whose tag, of a task's case; null: of what the rule is about */
    public function __construct(public string $tag, public ?SubjectKind $of = null) {}

    public static function kind(): string
    {
        return 'tag';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('tag', new ShortText(TextLimits::TAG)),
            Parameter::optional('of', new Choice(SubjectKind::class, SubjectKind::WORK), null),
        ];
    }

    public function actsOnCase(): bool
    {
        return $this->of === SubjectKind::Matter;
    }

    public function effect(Situation $situation): Effect
    {
        return new TagAdded($this->tag, $this->of ?? $situation->subject::kind());
    }
}
