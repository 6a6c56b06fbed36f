<?php

declare(strict_types=1);

namespace App\Http\Requests\Messages;

use App\Http\Requests\Intake\TaskRequest;
use OpenBaton\Core\Subject\TaskAction;

/** A message about a task, written by whoever holds it or leads. */
final class WriteMessageRequest extends TaskRequest
{
    use WritesMessage;

    public function authorize(): bool
    {
        // Whoever may do something about it themselves may write about it.
        return $this->user()?->can('perform', [$this->task(), TaskAction::ToHandOn]) === true;
    }

    protected function customerId(): ?string
    {
        return $this->task()->customer_id;
    }
}
