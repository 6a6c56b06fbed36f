<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\SettableField;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\FieldCleared;

/** Empties a field. */
final readonly class ClearField implements ActsOnCase, StepAct
{
    public function __construct(public string $cleared) {}

    public static function kind(): string
    {
        return 'clear_field';
    }

    public static function parameters(): array
    {
        return [Parameter::required('cleared', new SettableField())];
    }

    public function actsOnCase(): bool
    {
        return str_starts_with($this->cleared, CaseFields::PREFIX);
    }

    public function effect(Situation $situation): Effect
    {
        return new FieldCleared($this->cleared);
    }
}
