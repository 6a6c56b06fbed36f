<?php

declare(strict_types=1);

namespace App\Http\Requests\Sweeps;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Rules\RulebookVersion;
use App\Models\Sweeps\NamedSweep;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;

/** A sweep with its name; what it changes is read by the core. */
final class SaveSweepRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('write', RulebookVersion::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => [
                'bail',
                'required',
                'string',
                'max:' . TextLimits::NAME,
                Rule::unique(NamedSweep::class, 'name')->ignore($this->sweep()?->id),
            ],
            'document' => ['required', 'array'],
            'revision' => [$this->sweep() === null ? 'nullable' : 'required', new Whole(1)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give it a name.',
            'name.unique' => 'There is a sweep of that name already.',
        ];
    }

    public function sweep(): ?NamedSweep
    {
        $sweep = $this->route('sweep');

        return $sweep instanceof NamedSweep ? $sweep : null;
    }

    public function name(): string
    {
        return $this->line('name');
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        /** @var array<string, mixed> $document */
        $document = (array) $this->input('document');

        return $document;
    }

    public function revision(): ?int
    {
        return $this->filled('revision') ? $this->integer('revision') : null;
    }
}
