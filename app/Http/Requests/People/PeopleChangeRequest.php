<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\House\House;
use App\People\PeopleChange;
use DateTimeZone;
use Illuminate\Validation\Rule;
use OpenBaton\Core\People\Membership;

/** One change of several people. */
final class PeopleChangeRequest extends InputRequest
{
    public const MOST = 500;

    public function authorize(): bool
    {
        return $this->user()?->can('keepRoster', House::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'people' => ['required', 'array', 'max:' . self::MOST],
            'people.*' => ['string', 'distinct', 'exists:people,slug'],
            'what' => ['required', Rule::in(PeopleChange::KINDS)],
            'percent' => ['required_if:what,percent', new Whole(1, 100)],
            'tasks' => ['nullable', new Whole(1, 1000)],
            'zone' => ['required_if:what,zone', Rule::in(DateTimeZone::listIdentifiers())],
            'team' => ['required_if:what,join,leave', 'string', 'exists:teams,slug'],
            'weight' => ['nullable', new Whole(1, 1000)],
            'skill' => ['required_if:what,skill', 'string', 'exists:skills,slug'],
            'level' => ['required_if:what,skill,attribute', new Whole(0, 3)],
            'attribute' => ['required_if:what,attribute', 'string'],
            'place' => ['nullable', 'string', 'exists:places,slug'],
        ];
    }

    public function change(): PeopleChange
    {
        return new PeopleChange(
            $this->string('what')->toString(),
            match ($this->string('what')->toString()) {
                'percent' => $this->integer('percent'),
                'tasks' => $this->filled('tasks') ? $this->integer('tasks') : null,
                'zone' => $this->string('zone')->toString(),
                'skill' => $this->string('skill')->toString(),
                'attribute' => $this->line('attribute'),
                'place' => $this->filled('place') ? $this->string('place')->toString() : null,
                default => $this->string('team')->toString(),
            },
            in_array($this->string('what')->toString(), ['skill', 'attribute'], true)
                ? $this->integer('level')
                : ($this->filled('weight')
                    ? $this->integer('weight')
                    : Membership::FULL_WEIGHT),
        );
    }

    /** @return list<string> slugs */
    public function people(): array
    {
        return array_values(array_filter((array) $this->input('people'), is_string(...)));
    }
}
