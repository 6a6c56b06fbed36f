<?php

declare(strict_types=1);

namespace App\Models\Messages;

/** What a stand-in does with what it is sent. */
enum Behaviour: string
{
    case Takes = 'takes';
    case Slow = 'slow';
    /** It takes nothing for now. */
    case Fails = 'fails';
    /** It takes nothing for this address, ever. */
    case Refuses = 'refuses';
    /** It takes it, and the answer is lost. */
    case LosesAnswers = 'loses_answers';
    /** It fails every third time. */
    case NowAndThen = 'now_and_then';
}
