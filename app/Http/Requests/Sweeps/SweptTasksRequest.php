<?php

declare(strict_types=1);

namespace App\Http\Requests\Sweeps;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Rules\RulebookVersion;

/** Tasks that are taken out of a sweep before it is carried out, or back in. */
final class SweptTasksRequest extends InputRequest
{
    private const MOST = 1_000;

    public function authorize(): bool
    {
        return $this->user()?->can('write', RulebookVersion::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'places' => ['nullable', 'array', 'max:' . self::MOST],
            'places.*' => [new Whole(1)],
            'in' => ['required', 'boolean'],
        ];
    }

    /** @return list<int>|null null: all of them */
    public function places(): ?array
    {
        return $this->has('places') && $this->input('places') !== null
            ? array_values(
                array_map(
                    static fn(mixed $one): int => is_numeric($one) ? (int) $one : 0,
                    (array) $this->validated('places'),
                ),
            )
            : null;
    }
}
