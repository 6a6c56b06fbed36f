<?php

declare(strict_types=1);

namespace App\Models\Rules;

/** What becomes of a rotation: a turn is taken by a rule, or a lead corrects it. */
enum RotationAct: string
{
    case Taken = 'taken';

    /** Somebody goes without the turn that comes for them. */
    case Skipped = 'skipped';

    /** Somebody has their last turn again. */
    case PutBack = 'put_back';

    /** Nobody has had a turn. */
    case BegunAnew = 'begun_anew';

    /** @return list<self> what leads do */
    public static function corrections(): array
    {
        return [self::Skipped, self::PutBack, self::BegunAnew];
    }
}
