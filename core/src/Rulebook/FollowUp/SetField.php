<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\FieldValue;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\FieldSet;

/** Gives a field a value. */
final readonly class SetField implements ActsOnCase, StepAct
{
    public function __construct(public FieldValue $set) {}

    public static function kind(): string
    {
        return 'set_field';
    }

    public static function parameters(): array
    {
        return [Parameter::required('set', new Assignment())];
    }

    public function actsOnCase(): bool
    {
        return str_starts_with($this->set->field->path, CaseFields::PREFIX);
    }

    public function effect(Situation $situation): Effect
    {
        return new FieldSet($this->set->field, $this->set->value);
    }
}
