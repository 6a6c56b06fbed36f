<?php

declare(strict_types=1);

namespace App\Bridge;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;

/**
 * What decisions need to know of the house apart from work in hand, as it was
 * at one revision of the roster. In the core people go by their slug, in the
 * database by their id.
 */
final readonly class Snapshot
{
    /**
     * @param array<string, string>     $personIds   id by slug
     * @param array<string, string>     $personSlugs slug by id
     * @param array<string, int>        $usualMinutes effort by id of the kind of task
     * @param array<string, string>     $kindSlugs   slug by id of the kind of task
     * @param array<string, KnownPlace> $places      by id
     */
    public function __construct(
        public int $revision,
        public string $zone,
        public Roster $roster,
        public FieldCatalogue $catalogue,
        public array $personIds,
        public array $personSlugs,
        public array $usualMinutes,
        public array $kindSlugs,
        public array $places,
    ) {}

    /** The place of the level that the given one is or lies in. */
    public function placeAt(?string $placeId, string $level): ?KnownPlace
    {
        for ($place = $this->places[$placeId ?? ''] ?? null; $place !== null; $place = $this->places[$place->parentId ?? ''] ?? null) {
            if ($place->level === $level) {
                return $place;
            }
        }

        return null;
    }

    /** Whoever answers for the place, walking up the tree where nobody is set. */
    public function answersFor(?string $placeId, bool $deputy): ?string
    {
        for ($place = $this->places[$placeId ?? ''] ?? null; $place !== null; $place = $this->places[$place->parentId ?? ''] ?? null) {
            $person = $deputy ? $place->deputy : $place->responsible;
            if ($person !== null) {
                return $person;
            }
        }

        return null;
    }
}
