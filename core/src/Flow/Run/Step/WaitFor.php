<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingSpan;
use OpenBaton\Core\Time\WorkingTime;

/** Waits for so much working time of the house. */
final readonly class WaitFor implements Waits
{
    public function __construct(public WorkingSpan $span) {}

    public static function kind(): string
    {
        return 'wait_for';
    }

    public static function parameters(): array
    {
        return [Parameter::required('span', new WorkingSpanType())];
    }

    public function datesHangOn(): array
    {
        return [];
    }

    public function look(int $since, RunMoment $moment, array $answers): Waiting
    {
        $at = self::after($this->span, $since, $moment);

        // A house that never works does not wait for ever.
        return Waiting::at($moment->at, $at === null || $moment->at >= $at, $at, null);
    }

    /** @return ($span is null ? null : int|null) instant; null: it does not come */
    public static function after(?WorkingSpan $span, int $since, RunMoment $moment): ?int
    {
        try {
            return $span?->after($since, new WorkingTime($moment->house));
        } catch (NoWorkingTime) {
            return null;
        }
    }
}
