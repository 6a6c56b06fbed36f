<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Http\Pages\Floor\FloorView;
use App\Http\Requests\InputRequest;
use App\Models\House\House;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Time\LocalDate;

/** How somebody looks at the floor; all of it stands in the address. */
final class FloorRequest extends InputRequest
{
    private const MOST_LANES = 100;

    public function authorize(): bool
    {
        return $this->user()?->can('viewFloor', House::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $slug = ['nullable', 'string', 'max:' . TextLimits::ID];

        return [
            'weeks' => ['nullable', Rule::in(FloorView::WEEKS)],
            'group' => ['nullable', Rule::in(FloorView::GROUPS)],
            'sort' => ['nullable', Rule::in(FloorView::SORTS)],
            'only' => ['nullable', Rule::in(FloorView::ONLY)],
            'day' => ['nullable', 'date_format:Y-m-d'],
            'team' => $slug,
            'skill' => $slug,
            'place' => $slug,
        ];
    }

    public function view(): FloorView
    {
        $named = fn(string $name): ?string => $this->filled($name) ? $this->string($name)->toString() : null;

        return new FloorView(
            $this->filled('weeks') ? $this->integer('weeks') : 1,
            $named('group') ?? 'team',
            $named('sort') ?? 'usual',
            $named('only'),
            $named('team'),
            $named('skill'),
            $named('place'),
        );
    }

    /** Whether parts of the page are asked for, rather than the page. */
    public function isForParts(): bool
    {
        return $this->hasHeader('X-Inertia-Partial-Data');
    }

    /** That is looked at of the person; null: all of their time. */
    public function day(): ?LocalDate
    {
        return $this->filled('day') ? LocalDate::parse($this->string('day')->toString()) : null;
    }

    /** @return list<string> slugs of those whose lanes are asked for */
    public function lanes(): array
    {
        $asked = array_filter(explode(',', $this->string('lanes')->toString()));

        return array_slice(array_values($asked), 0, self::MOST_LANES);
    }
}
