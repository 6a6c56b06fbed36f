<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\Intake\TaskRequest;
use OpenBaton\Core\Subject\TaskAction;

/** Somebody counts their time on a task, or stops. */
final class TimeRequest extends TaskRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('perform', [$this->task(), TaskAction::Start]) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['on' => ['required', 'boolean']];
    }
}
