<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\HouseToo;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\Told;
use OpenBaton\Core\Text\MergedText;

/** Tells people something about the task. */
final readonly class Tell implements ActsBeyond, HouseToo, StepAct
{
    public function __construct(public Pool $people, public MergedText $text) {}

    public static function kind(): string
    {
        return 'tell';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('people', new PartOf(Family::Pool)),
            Parameter::required('text', new MergedTextType(TextLimits::NAME)),
        ];
    }

    public function effect(Situation $situation): ?Effect
    {
        $facts = $situation->facts();
        $people = Membership::ids($this->people->members($situation->roster, $facts));
        $text = mb_substr($this->text->fill($facts, $situation->taskCatalogue->words), 0, TextLimits::NAME);

        return $people === [] || $text === '' ? null : new Told($people, $text);
    }
}
