<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Subject\SubjectKind;

/** Its "of" says what it is about; where there is none, the first that has it: work of people, unless it says more. */
trait OnSeveral
{
    public static function subjects(): array
    {
        return SubjectKind::WORK;
    }

    public function about(): SubjectKind
    {
        return $this->of ?? self::subjects()[0];
    }

    private static function of(): Parameter
    {
        return Parameter::optional('of', new Choice(SubjectKind::class, self::subjects()), null);
    }
}
