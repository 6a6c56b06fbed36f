<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;

/** How the web form is set up: words by the ids of kinds and fields, empty ones are not on it. */
final class WebFormSetUpRequest extends HouseRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'lead' => ['nullable', 'string', 'max:' . TextLimits::NAME],
            'customers' => ['required', Rule::in(['offered', 'typed', 'none'])],
            'kinds' => ['present', 'array', 'max:1000'],
            'kinds.*' => ['nullable', 'string', 'max:' . TextLimits::LABEL],
            'tracks' => ['array', 'max:1000'],
            'tracks.*' => ['nullable', 'string', Rule::exists('tracks', 'slug')->whereNotNull('published_id')],
            'fields' => ['present', 'array', 'max:1000'],
            'fields.*' => ['nullable', 'string', 'max:' . TextLimits::LABEL],
        ];
    }

    /**
     * @param 'kinds'|'fields'|'tracks' $of
     *
     * @return array<array-key, string|null>
     */
    public function words(string $of): array
    {
        return array_map(
            static fn(mixed $one): ?string => is_string($one) && trim($one) !== '' ? trim($one) : null,
            (array) $this->validated($of, []),
        );
    }

    /** @return 'offered'|'typed'|'none' */
    public function customers(): string
    {
        $customers = $this->line('customers');

        return $customers === 'typed' || $customers === 'none' ? $customers : 'offered';
    }

    public function lead(): ?string
    {
        return $this->filled('lead') ? $this->line('lead') : null;
    }
}
