<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** The families of parts that rules and tracks are made of; each comes in kinds. */
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

    /** @return list<self> those that rules are made of */
    public static function ofRules(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $family): bool => $family !== self::Gate));
    }
}
