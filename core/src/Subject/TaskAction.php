<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** What people do with a task. */
enum TaskAction: string
{
    case Start = 'start';
    case Complete = 'complete';
    case Reopen = 'reopen';
    case HandOn = 'hand_on';
    case Claim = 'claim';
    /** Of several who hold it together, one leaves it to the others. */
    case TakeOff = 'take_off';
    case Wait = 'wait';
    case AskReview = 'ask_review';
    case TakeBack = 'take_back';
    case SendBack = 'send_back';
    case Approve = 'approve';
    case HandReview = 'hand_review';
    case Drop = 'drop';
}
