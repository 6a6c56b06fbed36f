<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** What an action on a task asks for. */
enum Asked: string
{
    /** Has to be given: a person. */
    case To = 'to';
    /** Has to be given. */
    case Reason = 'reason';
    /** May be given. */
    case Note = 'note';
    /** Has to be given: the moment from which on it is to be done. */
    case From = 'at';
    /** May be given: the moment at which it comes back by itself. */
    case Until = 'until';
    /** May be given: another task, with whose end it comes back by itself. */
    case On = 'on';
    /** May be given: the minutes spent in all. */
    case Spent = 'spent';
    /** May be given: that it is completed although others that it waits for are open. */
    case Anyway = 'anyway';
}
