<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

/** Every check, in the order in which findings are told. */
final class StandardChecks
{
    /** @var list<class-string<Check>> */
    public const ALL = [
        Kind\NeverHolds::class,
        Kind\NeverHappens::class,
        Kind\Hidden::class,
        Kind\PartlyHidden::class,
        Kind\SameTwice::class,
        Kind\Nobody::class,
        Kind\OnePerson::class,
        Kind\CannotBeMet::class,
        Kind\Circle::class,
        Kind\CancelledOut::class,
        Kind\AnyForAll::class,
        Kind\OnlyIfNobodyIsFree::class,
        Kind\Gap::class,
        Kind\NotExamined::class,
    ];

    /** @return list<Finding> by check, and then in the order of the rules */
    public static function run(Examination $of): array
    {
        $found = [];
        foreach (self::ALL as $class) {
            array_push($found, ...(new $class())->find($of));
        }

        return $found;
    }
}
