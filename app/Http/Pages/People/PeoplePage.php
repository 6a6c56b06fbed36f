<?php

declare(strict_types=1);

namespace App\Http\Pages\People;

use App\Bridge\RosterDocument;
use App\Fields\Choices;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\People\Person;
use App\People\PersonTerms;
use Carbon\CarbonImmutable;
use DateTimeZone;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Person as CorePerson;

/** Everybody of the house, and one of them to be changed. Its type is PeoplePage.ts. */
final readonly class PeoplePage
{
    public function __construct(private Viewer $viewer) {}

    /**
     * @param string $chosen slug of whom; "new": somebody new; else nobody
     *
     * @return array<string, mixed>
     */
    public function props(string $chosen): array
    {
        $roster = $this->viewer->snapshot()->roster;

        return [
            'people' => fn(): array => array_values(array_map($this->line(...), $roster->people)),
            'teams' => static fn(): array => array_values(
                array_map(
                    static fn($team): array => [
                        'value' => $team->id,
                        'label' => $team->name,
                        'lead' => $team->leadId,
                        'parent' => $team->parentId,
                        'members' => count($team->members),
                    ],
                    $roster->teams,
                ),
            ),
            'house' => static fn(): object => (object) RosterDocument::build(House::query()->firstOrFail())['house'],
            'skills' => static fn(): array => Choices::of($roster->skills),
            'fields' => fn(): array => Choices::entries(
                array_filter(
                    $this->viewer->snapshot()->catalogue->ofPeople,
                    static fn(Field $field): bool => !$field->retired,
                ),
            ),
            'numbers' => fn(): array => Choices::of(
                array_map(
                    static fn(Field $field): string => $field->label,
                    array_filter(
                        $this->viewer->snapshot()->catalogue->fields,
                        static fn(Field $field): bool => $field->type === FieldType::Number &&
                            !$field->retired &&
                            str_starts_with($field->path, 'task.'),
                    ),
                ),
            ),
            'zones' => static fn(): array => DateTimeZone::listIdentifiers(),
            'houseZone' => $roster->house->zone()->name,
            'person' => fn(): ?array => $this->person($chosen),
        ];
    }

    /** @return array<string, mixed> */
    private function line(CorePerson $person): array
    {
        $roster = $this->viewer->snapshot()->roster;
        $now = CarbonImmutable::now()->getTimestamp();
        $skills = [];
        foreach ($person->skills as $skill => $level) {
            $skills[] = ['name' => $roster->skills[$skill], 'level' => $level];
        }

        return [
            'slug' => $person->id,
            'name' => $person->name,
            'teams' => array_map(static fn($team): string => $team->name, $roster->teamsOf($person->id)),
            'skills' => $skills,
            'zone' => $person->hours->zone()->name,
            'state' => (new Availability($roster))->presence($person, $now)->value,
            'from' => Instant::orNull($person->memberFrom),
            'until' => Instant::orNull($person->memberUntil),
        ];
    }

    /** @return array{slug: string|null, document: object, teams: object, place: string|null}|null */
    private function person(string $chosen): ?array
    {
        if ($chosen === 'new') {
            return ['slug' => null, 'document' => (object) [], 'teams' => (object) [], 'place' => null];
        }
        $person = Person::query()
            ->with(['skills', 'place'])
            ->where('slug', $chosen)
            ->first();
        if ($person === null) {
            return null;
        }
        $terms = PersonTerms::of($person, $this->viewer->snapshot()->roster);

        return [
            'slug' => $person->slug,
            'document' => (object) $terms->document,
            'teams' => (object) $terms->teams,
            'place' => $person->place?->name,
        ];
    }
}
