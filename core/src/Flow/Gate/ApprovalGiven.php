<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Gate;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Parameter\ConditionType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\ShortText;
use OpenBaton\Core\Rulebook\Condition;

/** An approval was given in this stay in the stage; where it is asked for, whoever is asked next is told. */
final readonly class ApprovalGiven implements Gate
{
    /**
     * @param string         $approval name
     * @param Condition|null $only     of the case, where it is wanted; null: always
     */
    public function __construct(public string $approval, public ?Condition $only = null) {}

    public static function kind(): string
    {
        return 'approval_given';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('approval', new ShortText(TextLimits::LABEL)),
            Parameter::optional('only', new ConditionType(), null),
        ];
    }

    public function missing(CaseView $case, string $stage): array
    {
        return $case->isApproved($this->approval) || $this->only?->compiled()->firstFailure($case->facts) !== null
            ? []
            : [new Missing(self::kind(), $this->approval, $case->askedFor($this->approval))];
    }
}
