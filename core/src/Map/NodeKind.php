<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

enum NodeKind: string
{
    case Track = 'track';
    case Stage = 'stage';
    case Runsheet = 'runsheet';
    case Step = 'step';
    /** All standing duties. */
    case Duties = 'duties';
    case Duty = 'duty';
    /** All rules that give work or start something. */
    case Rules = 'rules';
    case Rule = 'rule';
    case Team = 'team';
    /** All who are in no team. */
    case People = 'people';
    case Person = 'person';
    /** All pools that are neither a team nor named people. */
    case Pools = 'pools';
    case Pool = 'pool';

    /** Whether others lie within it. */
    public function isGroup(): bool
    {
        return in_array(
            $this,
            [self::Track, self::Runsheet, self::Duties, self::Rules, self::Team, self::People, self::Pools],
            true,
        );
    }

    /** Whether people do work in its name, rather than being those who do. */
    public function isWork(): bool
    {
        return !in_array($this, [self::Team, self::People, self::Person, self::Pools, self::Pool], true);
    }
}
