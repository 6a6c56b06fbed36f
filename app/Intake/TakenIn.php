<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Task;

final readonly class TakenIn
{
    /**
     * @param string|null $customer by slug
     * @param bool        $again    it had been taken in under the same key before
     */
    public function __construct(public Task $task, public ?string $customer, public bool $again) {}
}
