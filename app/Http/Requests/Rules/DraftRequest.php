<?php

declare(strict_types=1);

namespace App\Http\Requests\Rules;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Rules\RulebookVersion;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\TextLimits;

/** Something that is done with the draft as it was at a revision: publishing, discarding, reading a file into it. */
final class DraftRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('write', RulebookVersion::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', new Whole(0)],
            'note' => ['nullable', 'string', 'max:' . TextLimits::NOTE],
            'at' => ['bail', 'nullable', 'string', 'date', 'after:now', 'before:+1 year'],
        ];
    }

    public function revision(): int
    {
        return $this->integer('revision');
    }

    /** When it is to be published; null: at once. */
    public function at(): ?CarbonImmutable
    {
        return $this->filled('at') ? CarbonImmutable::parse($this->string('at')->toString())->utc() : null;
    }

    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }
}
