<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Workload\LoadView;

/** A load ratio of at most so many percent, counting the new task. */
final readonly class LoadRatioAtMost implements Limit
{
    public function __construct(public int $percent) {}

    public static function kind(): string
    {
        return 'load_ratio_at_most';
    }

    public static function parameters(): array
    {
        return [Parameter::required('percent', new WholeNumber(1, 1000))];
    }

    public static function inputs(): array
    {
        return [Input::Work];
    }

    public function refusal(Person $person, LoadView $load): ?array
    {
        $ratio = $load->ratioWith($person->id);

        return $ratio->exceedsPercent($this->percent)
            ? ['load_percent' => $ratio->percent(), 'at_most' => $this->percent]
            : null;
    }
}
