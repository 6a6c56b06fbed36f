<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Gate;

use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Parameter\ConditionType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\Condition;

/** Criteria hold for the case; of those that do not, the first that fails is told. */
final readonly class CriteriaHold implements Gate
{
    public function __construct(public Condition $only) {}

    public static function kind(): string
    {
        return 'criteria_hold';
    }

    public static function parameters(): array
    {
        return [Parameter::required('only', new ConditionType())];
    }

    public function missing(CaseView $case, string $stage): array
    {
        $failed = $this->only->compiled()->firstFailure($case->facts);

        return $failed === null ? [] : [new Missing(self::kind(), $failed->comparison->path, $case->ownerId)];
    }
}
