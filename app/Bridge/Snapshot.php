<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Fields\FieldContext;
use App\Fields\KnownKind;
use App\Models\Cases\CustomerCase;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Checklist;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Rulebook\TaskKind;
use OpenBaton\Core\Text\ValueWords;

/**
 * What decisions need to know of the house apart from work in hand, as it was
 * at one revision of the roster. In the core people go by their slug, in the
 * database by their id.
 */
final readonly class Snapshot
{
    /**
     * Stands for what the classes of kept values are made of: what an older version of the code has kept is not read. A
     * test says what it should be.
     */
    public const SHAPE = 'ad04fa72';

    /**
     * @param array<array-key, string>  $personIds   id by slug
     * @param array<string, string>     $personSlugs slug by id
     * @param array<string, KnownKind>  $kinds       by id, in their order
     * @param array<array-key, Checklist> $checklists by slug
     * @param list<string>             $customFields paths of the fields that the house has added
     * @param bool                     $tasksAreOpen everybody of the house sees every task
     * @param array<array-key, Track>  $tracks of cases as they are published, by slug
     * @param array<string, string>    $trackSlugs by id
     * @param array<string, string>    $dutySlugs  by id
     * @param array<array-key, string> $runsheets  names of those that are published, by slug
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
        public array $checklists,
        public array $customFields,
        public bool $tasksAreOpen,
        public array $tracks = [],
        public array $trackSlugs = [],
        public array $dutySlugs = [],
        public array $runsheets = [],
    ) {}

    /** The same with its fields named otherwise. */
    public function withCatalogue(FieldCatalogue $catalogue): self
    {
        return new self(
            $this->houseId,
            $this->revision,
            $this->zone,
            $this->roster,
            $catalogue,
            $this->personIds,
            $this->personSlugs,
            $this->kinds,
            $this->checklists,
            $this->customFields,
            $this->tasksAreOpen,
            $this->tracks,
            $this->trackSlugs,
            $this->dutySlugs,
            $this->runsheets,
        );
    }

    /** Tells it from every other, of this house and of any. */
    public function name(): string
    {
        return "{$this->houseId}:{$this->revision}";
    }

    /** What rules of this house are read against. */
    public function ruleContext(): RuleContext
    {
        return new RuleContext(
            KindRegistry::standard(),
            $this->catalogue,
            $this->roster,
            new TaskCatalogue([], $this->checklists, tracks: $this->tracks, runsheets: $this->runsheets),
        );
    }

    /** What was kept once is read against: whom it names is not checked, whatever has become of the house. */
    public function keptContext(): RuleContext
    {
        return new RuleContext(KindRegistry::standard(), $this->catalogue);
    }

    /** What rules make tasks of. */
    public function taskCatalogue(ValueWords $words): TaskCatalogue
    {
        $kinds = [];
        foreach ($this->kinds as $kind) {
            $kinds[$kind->slug] = new TaskKind(
                $kind->slug,
                $kind->name,
                $kind->usualMinutes,
                ValueCodec::known($kind->defaults, $this->catalogue),
                $kind->needed,
            );
        }

        return new TaskCatalogue($kinds, $this->checklists, $words, $this->tracks, $this->runsheets);
    }

    /** @return string|null of a person, by slug; null: of nobody */
    public function idOf(?string $slug): ?string
    {
        return $slug === null ? null : $this->personIds[$slug];
    }

    /**
     * @param list<string> $slugs of people
     *
     * @return list<string>
     */
    public function idsOf(array $slugs): array
    {
        return array_map(fn(string $slug): string => $this->personIds[$slug], $slugs);
    }

    /** The id of a track that is published. */
    public function trackId(string $slug): string
    {
        return array_flip($this->trackSlugs)[$slug];
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

    public function fieldContext(): FieldContext
    {
        return new FieldContext($this->catalogue, $this->roster->house->zone());
    }

    /** @return list<string> the outcomes that a case on its track may have, by code */
    public function outcomesOf(CustomerCase $case): array
    {
        return array_map(strval(...), array_keys($this->tracks[$this->trackSlugs[$case->track_id]]->outcomes));
    }
}
