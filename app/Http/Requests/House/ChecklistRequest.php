<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Models\Tasks\Checklist;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;

/** A checklist that the house makes, or changes. */
final class ChecklistRequest extends HouseRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => [
                'bail',
                'required',
                'string',
                'max:' . TextLimits::LABEL,
                Rule::unique(Checklist::class, 'name')->ignore($this->checklist()?->id),
            ],
            'items' => ['required', 'array', 'min:1', 'max:100'],
            'items.*' => ['required', 'string', 'max:' . TextLimits::NAME, 'distinct'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => 'There is a checklist of that name already.',
            'items.required' => 'Give at least one item.',
            'items.*.distinct' => 'Two items are the same.',
        ];
    }

    public function checklist(): ?Checklist
    {
        $checklist = $this->route('checklist');

        return $checklist instanceof Checklist ? $checklist : null;
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
