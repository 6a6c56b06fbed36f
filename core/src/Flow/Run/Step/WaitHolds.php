<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Parameter\ConditionType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Time\WorkingSpan;

/** Waits until criteria hold. */
final readonly class WaitHolds implements Waits
{
    /** @param WorkingSpan|null $latest working time after which it goes on in any case */
    public function __construct(public Condition $only, public ?WorkingSpan $latest = null) {}

    public static function kind(): string
    {
        return 'wait_holds';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('only', new ConditionType()),
            Parameter::optional('latest', new WorkingSpanType(), null),
        ];
    }

    public function datesHangOn(): array
    {
        return [];
    }

    public function look(int $since, RunMoment $moment, array $answers): Waiting
    {
        return Waiting::at(
            $moment->at,
            $moment->holds($this->only, $answers),
            null,
            WaitFor::after($this->latest, $since, $moment),
        );
    }
}
