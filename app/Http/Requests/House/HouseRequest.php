<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\InputRequest;
use App\Models\House\House;
use OpenBaton\Core\Document\TextLimits;

/** A change of what the house is made of. */
abstract class HouseRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('shape', House::class) === true;
    }

    /**
     * Of the short name of something new: it stays.
     *
     * @return list<string>
     */
    protected static function newSlug(string $table): array
    {
        return [
            'required',
            'string',
            'max:' . TextLimits::SHORT_NAME,
            'regex:/^[a-z][a-z0-9-]*$/',
            "unique:{$table},slug",
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['slug.regex' => 'A short name has small letters, digits and hyphens.'];
    }

    protected function line(string $name): string
    {
        return trim($this->string($name)->toString());
    }
}
