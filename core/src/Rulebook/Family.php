<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** The families of parts that rules, tracks and runsheets are made of; each comes in kinds. */
enum Family: string
{
    case Event = 'event';
    case Pool = 'pool';
    case Method = 'method';
    case Limit = 'limit';
    case Otherwise = 'otherwise';
    case FollowUp = 'follow_up';
    /** Of the stages of tracks. */
    case Gate = 'gate';
    /** What the steps of runsheets do. */
    case Step = 'step';
    /** When they start and are due. */
    case StepDate = 'step_date';

    /** @return list<self> those that rules are made of */
    public static function ofRules(): array
    {
        $others = [self::Gate, self::Step, self::StepDate];

        return array_values(
            array_filter(self::cases(), static fn(self $family): bool => !in_array($family, $others, true)),
        );
    }
}
