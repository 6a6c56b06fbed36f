<?php

declare(strict_types=1);

namespace App\Models\Rules;

enum VersionState: string
{
    case Draft = 'draft';
    /** It is published by itself when its time has come. */
    case Planned = 'planned';
    case Published = 'published';
    case Earlier = 'earlier';
}
