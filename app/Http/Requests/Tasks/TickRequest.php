<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\Intake\TaskRequest;
use OpenBaton\Core\Document\TextLimits;

/** That an item of a checklist is done, or not. */
final class TickRequest extends TaskRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('edit', $this->task()) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['item' => ['required', 'string', 'max:' . TextLimits::NAME], 'done' => ['required', 'boolean']];
    }

    public function item(): string
    {
        return $this->string('item')->toString();
    }

    public function done(): bool
    {
        return $this->boolean('done');
    }
}
