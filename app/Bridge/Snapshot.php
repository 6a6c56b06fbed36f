<?php

declare(strict_types=1);

namespace App\Bridge;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;

/**
 * What decisions need to know of the house apart from work in hand, as it was
 * at one revision of the roster. In the core people go by their slug, in the
 * database by their id.
 */
final readonly class Snapshot
{
    /** Stands for what the classes of kept values are made of: what an older version of the code has kept is not read. A test says what it should be. */
    public const SHAPE = '9c2bc316';

    /**
     * @param array<array-key, string>  $personIds   id by slug
     * @param array<string, string>     $personSlugs slug by id
     * @param array<string, KnownKind>  $kinds       by id, in their order
     */
    public function __construct(
        public string $houseId,
        public int $revision,
        public string $zone,
        public Roster $roster,
        public FieldCatalogue $catalogue,
        public array $personIds,
        public array $personSlugs,
        public array $kinds,
    ) {}

    /** Tells it from every other, of this house and of any. */
    public function name(): string
    {
        return "{$this->houseId}:{$this->revision}";
    }

    /** What rules of this house are read against. */
    public function ruleContext(): RuleContext
    {
        return new RuleContext(KindRegistry::standard(), $this->catalogue, $this->roster);
    }

    public function kindNamed(string $slug): ?KnownKind
    {
        foreach ($this->kinds as $kind) {
            if ($kind->slug === $slug) {
                return $kind;
            }
        }

        return null;
    }
}
