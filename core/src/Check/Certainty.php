<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

enum Certainty: string
{
    /** It is so, whatever comes. */
    case Certain = 'certain';
    /** It looks so, and may be meant. */
    case Likely = 'likely';
    /** Nothing is wrong; it is good to know. */
    case Note = 'note';
}
