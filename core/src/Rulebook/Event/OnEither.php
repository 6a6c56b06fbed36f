<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Subject\SubjectKind;

/** Its "of" says what it is about; where there is none, a task. */
trait OnEither
{
    public function about(): SubjectKind
    {
        return $this->of ?? SubjectKind::Task;
    }

    private static function of(): Parameter
    {
        return Parameter::optional('of', new Choice(SubjectKind::class), null);
    }
}
