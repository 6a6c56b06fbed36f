<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

/** A part of a rule in which a person may be named. */
enum MentionPlace: string
{
    case When = 'when';
    case If = 'if';
    case GiveTo = 'give_to';
    case Otherwise = 'otherwise';
    case Then = 'then';
}
