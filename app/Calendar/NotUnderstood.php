<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Words\Words;
use OpenBaton\Core\Refusal;

/** An event of a calendar that is not taken, and why. */
final readonly class NotUnderstood
{
    /** @param string $title of the event */
    public function __construct(public string $title, private Refusal $why) {}

    /** @return array{title: string, reason: string} */
    public function said(Words $words): array
    {
        return ['title' => $this->title, 'reason' => $words->refusal($this->why)];
    }
}
