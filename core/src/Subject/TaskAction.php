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
    /** Back to all whom it was open to before somebody claimed it. */
    case GiveBack = 'give_back';
    case Wait = 'wait';
    /** Not now: from a moment on. */
    case Postpone = 'postpone';
    /** What was postponed, now after all. */
    case TakeUp = 'take_up';
    /** Somebody else should do it: a lead finds it, or a rule answers. */
    case ToHandOn = 'to_hand_on';
    /** The mark that says so is taken off. */
    case Keep = 'keep';
    case AskReview = 'ask_review';
    case TakeBack = 'take_back';
    case SendBack = 'send_back';
    case Approve = 'approve';
    case HandReview = 'hand_review';
    case Drop = 'drop';
}
