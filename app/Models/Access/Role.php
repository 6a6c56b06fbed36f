<?php

declare(strict_types=1);

namespace App\Models\Access;

enum Role: string
{
    case Administrator = 'administrator';
    case Lead = 'lead';
    case Member = 'member';
    case Reviewer = 'reviewer';
}
