<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\InputRequest;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\People\Place;
use OpenBaton\Core\Document\TextLimits;

/** A place of the tree, with who answers for it. */
final class PlaceRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('keepRoster', House::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:' . TextLimits::NAME],
            'parent' => ['nullable', 'string', 'exists:places,slug'],
            'responsible' => ['nullable', 'string', 'exists:people,slug'],
            'deputy' => ['nullable', 'string', 'exists:people,slug', 'different:responsible'],
        ];
    }

    public function name(): string
    {
        return trim($this->string('name')->toString());
    }

    public function parent(): ?Place
    {
        return $this->filled('parent')
            ? Place::query()
                ->where('slug', $this->string('parent')->toString())
                ->firstOrFail()
            : null;
    }

    public function person(string $as): ?Person
    {
        return $this->filled($as)
            ? Person::query()
                ->where('slug', $this->string($as)->toString())
                ->firstOrFail()
            : null;
    }
}
