<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Models\Tasks\Checklist;
use OpenBaton\Core\Document\TextLimits;

/** A checklist that the house makes, or changes. */
final class ChecklistRequest extends HouseRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:' . TextLimits::LABEL],
            'items' => ['required', 'array', 'min:1', 'max:100'],
            'items.*' => ['required', 'string', 'max:' . TextLimits::NAME, 'distinct'],
        ] + ($this->checklist() === null ? ['slug' => self::newSlug('checklists')] : []);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'slug.unique' => 'There is a checklist of that short name already.',
            'items.required' => 'Give at least one item.',
            'items.*.distinct' => 'Two items are the same.',
        ];
    }

    public function checklist(): ?Checklist
    {
        $checklist = $this->route('checklist');

        return $checklist instanceof Checklist ? $checklist : null;
    }

    public function slug(): string
    {
        return $this->checklist() === null ? $this->line('slug') : (string) $this->checklist()->slug;
    }

    public function name(): string
    {
        return $this->line('name');
    }

    /** @return non-empty-list<string> */
    public function items(): array
    {
        $items = array_values(array_map(trim(...), array_filter((array) $this->validated('items'), is_string(...))));

        return $items === [] ? abort(422) : $items;
    }
}
