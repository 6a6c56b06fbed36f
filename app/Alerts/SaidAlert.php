<?php

declare(strict_types=1);

namespace App\Alerts;

/** What leads are told of one thing. */
final readonly class SaidAlert
{
    /**
     * @param string|null $taskId of which task; null: of none
     * @param string|null $link   path to its place, where that is no task
     */
    public function __construct(public string $text, public ?string $taskId = null, public ?string $link = null) {}
}
