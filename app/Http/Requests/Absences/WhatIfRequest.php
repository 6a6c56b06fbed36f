<?php

declare(strict_types=1);

namespace App\Http\Requests\Absences;

use App\Http\Requests\InputRequest;
use App\Models\Absences\Absence;
use App\Models\People\Person;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Zone;

/** What if somebody were away on some days; without a person and days nothing is worked out yet. */
final class WhatIfRequest extends InputRequest
{
    public function authorize(): bool
    {
        $person = $this->person();

        return $person === null
            ? $this->user()?->can('viewAny', Absence::class) === true
            : $this->user()?->can('consider', [Absence::class, $person]) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'person' => ['nullable', 'string', 'exists:people,slug'],
            'first' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:-1 year', 'before:+3 years'],
            'last' => [
                'bail',
                'nullable',
                'string',
                'date_format:Y-m-d',
                $this->compared('after_or_equal', 'first'),
                'before:+3 years',
            ],
            'held' => ['nullable', Rule::enum(HeldPolicy::class)],
            'substitutes' => ['array', 'max:8'],
            'substitutes.*' => [
                'string',
                'distinct',
                'exists:people,slug',
                Rule::notIn([$this->string('person')->toString()]),
            ],
        ];
    }

    public function person(): ?Person
    {
        return $this->filled('person')
            ? Person::query()
                ->where('slug', $this->string('person')->toString())
                ->first()
            : null;
    }

    /** @return CoreAbsence|null null: it is not said yet who, or when */
    public function absence(string $houseZone): ?CoreAbsence
    {
        $person = $this->person();
        if ($person === null || !$this->filled('first') || !$this->filled('last')) {
            return null;
        }
        $span = CoreAbsence::wholeDays(
            LocalDate::parse($this->string('first')->toString()),
            LocalDate::parse($this->string('last')->toString()),
            new Zone($person->zone ?? $houseZone),
        );

        return new CoreAbsence(
            'what-if',
            $person->slug,
            $span,
            AbsenceStatus::Approved,
            Substitute::forAll(...$this->substitutes()),
            HeldPolicy::tryFrom($this->string('held')->toString()) ?? HeldPolicy::FallsDue,
        );
    }

    /** @return list<string> */
    public function substitutes(): array
    {
        return array_values(array_filter((array) $this->input('substitutes', []), is_string(...)));
    }
}
