<?php

declare(strict_types=1);

namespace App\Http\Requests\Guides;

use App\Http\Requests\InputRequest;
use App\Models\Guides\Guide;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use OpenBaton\Core\Document\TextLimits;

/** What somebody found not to be right in a guide, and at which task. */
final class NotRightRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('viewAny', Guide::class) === true && $this->user()->can('create', Task::class);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'what' => ['required', 'string', 'max:' . TextLimits::REASON],
            'kind' => ['nullable', 'string', 'max:120'],
        ];
    }

    public function what(): string
    {
        return $this->string('what')->trim()->toString();
    }

    /** The kind of the task at which it was found. */
    public function kind(): ?TaskKind
    {
        return TaskKind::query()
            ->where('slug', $this->string('kind')->toString())
            ->first();
    }
}
