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
    case Wait = 'wait';
    case AskReview = 'ask_review';
    case TakeBack = 'take_back';
    case SendBack = 'send_back';
    case Approve = 'approve';
    case HandReview = 'hand_review';
    case Drop = 'drop';
}
