<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\House\House;
use App\People\PersonTerms;
use OpenBaton\Core\People\Membership;

/** A person as in a roster document, which the core checks, and the teams that they are in. */
final class PersonRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('keepRoster', House::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'document' => ['present', 'array'],
            'teams' => ['array'],
            'teams.*.weight' => ['required', new Whole(1, 1000)],
            'teams.*.from' => ['bail', 'nullable', 'string', 'date_format:Y-m-d'],
            'teams.*.until' => ['bail', 'nullable', 'string', 'date_format:Y-m-d'],
        ];
    }

    public function terms(): PersonTerms
    {
        /** @var array<string, mixed> $document */
        $document = array_diff_key((array) $this->input('document'), ['id' => true]);
        if (($document['skills'] ?? null) === []) {
            unset($document['skills']);
        }
        $teams = [];
        foreach ((array) $this->input('teams', []) as $team => $membership) {
            $given = (array) $membership;
            $day = static fn(string $name): ?string => is_string($given[$name] ?? null) && $given[$name] !== ''
                ? $given[$name]
                : null;
            $teams[$team] =
                ['weight' => is_numeric($given['weight'] ?? null) ? (int) $given['weight'] : Membership::FULL_WEIGHT] +
                array_filter(['from' => $day('from'), 'until' => $day('until')], is_string(...));
        }

        return new PersonTerms($document, $teams);
    }
}
