<?php

declare(strict_types=1);

namespace App\Absences;

use App\Models\Absences\Absence;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;

/** What somebody asks for: from when until when, why, who stands in, and what becomes of the work in hand. */
final readonly class AbsenceTerms
{
    /**
     * @param string|null  $firstDay YYYY-MM-DD, of whole days; else null, as the last one is
     * @param list<string> $substitutes slugs, asked in this order
     * @param array<array-key, array<string, mixed>> $only criteria of the work of those who stand in for some only, by
     *     slug, as documents
     */
    public function __construct(
        public AbsenceKind $kind,
        public ?string $firstDay,
        public ?string $lastDay,
        public ?CarbonImmutable $from = null,
        public ?CarbonImmutable $to = null,
        public ?string $note = null,
        public array $substitutes = [],
        public array $only = [],
        public HeldPolicy $held = HeldPolicy::FallsDue,
        public HandBackPolicy $handBack = HandBackPolicy::Untouched,
    ) {}

    /** @return array<string, mixed> values of an absence's row */
    public function columns(): array
    {
        return [
            'first_day' => $this->firstDay,
            'last_day' => $this->lastDay,
            'from' => $this->from,
            'to' => $this->to,
            'kind' => $this->kind,
            'held' => $this->held,
            'hand_back' => $this->handBack,
            'reason' => $this->note,
        ];
    }

    /** One that says the same of the same person: sent twice, it is one. */
    public function sameOf(Person $person, AbsenceStatus $status): ?Absence
    {
        return Absence::query()
            ->where('person_id', $person->id)
            ->where('status', $status)
            ->where('kind', $this->kind)
            ->where('first_day', $this->firstDay)
            ->where('last_day', $this->lastDay)
            ->where('from', $this->from)
            ->where('to', $this->to)
            ->first();
    }

    public function nameSubstitutes(Absence $absence): void
    {
        $ids = Person::query()
            ->whereIn('slug', $this->substitutes)
            ->get(['id', 'slug'])
            ->mapWithKeys(static fn(Person $one): array => [$one->slug => $one->id])
            ->all();
        $only = [];
        foreach ($this->only as $slug => $criteria) {
            $only[$ids[$slug]] = $criteria;
        }
        $absence->syncSubstitutes(array_map(static fn(string $slug): string => $ids[$slug], $this->substitutes), $only);
    }
}
