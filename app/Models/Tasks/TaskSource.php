<?php

declare(strict_types=1);

namespace App\Models\Tasks;

/** By what way a task came in. */
enum TaskSource: string
{
    case WebForm = 'web_form';
    case Api = 'api';
    case ByHand = 'by_hand';
    case Table = 'table';
    /** A rule made it. */
    case Rule = 'rule';
    /** A standing duty made it. */
    case Duty = 'duty';
    /** A step of a runsheet made it. */
    case Run = 'run';
    /** It is one of a rollout. */
    case Rollout = 'rollout';
}
