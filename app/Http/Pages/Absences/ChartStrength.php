<?php

declare(strict_types=1);

namespace App\Http\Pages\Absences;

use App\Absences\Minimums;
use App\Bridge\AbsenceReader;
use App\Bridge\Snapshot;
use App\Models\Absences\Absence;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\People\DayStrength;
use OpenBaton\Core\People\Strength;

/**
 * How many are there of each group, day by day, as it is and as it would be.
 *
 * @phpstan-import-type Group from Minimums
 */
final readonly class ChartStrength
{
    /**
     * @param list<Group> $groups   whose strength is looked at
     * @param Strength    $strength as it is, without what is only asked for
     * @param string      $team     by its slug, shown whether it has a minimum or not
     */
    public function __construct(
        private Snapshot $house,
        private ChartWeeks $weeks,
        private array $groups,
        private Strength $strength,
        private string $team,
    ) {}

    /**
     * @param list<Absence> $absences
     *
     * @return list<array<string, mixed>> of the teams and skills that have a minimum, and of the chosen team
     */
    public function rows(array $absences): array
    {
        $shown = array_filter(
            $this->groups,
            fn(array $group): bool => $group['minimum'] !== null ||
                ($group['of'] === 'team' && $group['slug'] === $this->team),
        );
        $now = array_map(
            fn(array $group): array => $this->strength->of($group['members'], $this->weeks->first, $this->weeks->days),
            $shown,
        );
        $asked = $this->strength->with(...$this->asked($absences));
        $rows = [];
        foreach ($shown as $key => $group) {
            $rows[] = [
                'of' => $group['of'],
                'slug' => $group['slug'],
                'name' => $group['name'],
                'minimum' => $group['minimum'],
                'days' => array_map(
                    static fn(DayStrength $day, DayStrength $then): array => [
                        'there' => $day->there,
                        'ifApproved' => $then->there,
                        'off' => $day->expected === 0,
                        'below' => $group['minimum'] !== null && $day->isBelow($group['minimum']),
                        'wouldBeBelow' => $group['minimum'] !== null && $then->isBelow($group['minimum']),
                    ],
                    $now[$key],
                    $asked->of($group['members'], $this->weeks->first, $this->weeks->days),
                ),
            ];
        }

        return $rows;
    }

    /**
     * @param list<Absence> $absences
     *
     * @return list<CoreAbsence> as they would be once approved
     */
    private function asked(array $absences): array
    {
        $asked = (new Collection($absences))
            ->filter(static fn(Absence $absence): bool => $absence->status === AbsenceStatus::Asked)
            ->loadMissing(Absence::WITH);

        return array_values(
            $asked
                ->map(fn(Absence $absence): CoreAbsence => AbsenceReader::of($absence, $this->house)->approved())
                ->all(),
        );
    }
}
