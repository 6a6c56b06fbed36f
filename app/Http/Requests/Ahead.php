<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What a moment that is yet to come has to be. */
final class Ahead
{
    public const RULES = ['bail', 'required', 'string', 'date', 'after:now', 'before:+5 years'];
}
