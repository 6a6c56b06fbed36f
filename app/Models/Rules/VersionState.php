<?php

declare(strict_types=1);

namespace App\Models\Rules;

enum VersionState: string
{
    case Draft = 'draft';
    case Published = 'published';
    case Earlier = 'earlier';
}
