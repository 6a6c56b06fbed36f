<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Time\Span;

/** The people of a random world, their teams and absences. */
trait RandomPeople
{
    private function person(string $id): Person
    {
        $skills = [];
        foreach (array_keys(self::SKILLS) as $skill) {
            if ($this->chance(60)) {
                $skills[$skill] = $this->pick(1, 3);
            }
        }

        $active = $this->chance(92);
        $pausedUntil = $this->chance(10) ? $this->moment() : null;
        $from = $this->chance(8) ? $this->moment() : null;
        $until = $this->chance(8) ? $this->moment() : null;

        return Build::person(
            $id,
            $skills,
            active: $active,
            pausedUntil: $pausedUntil,
            memberFrom: $from,
            memberUntil: $from !== null && $until <= $from ? null : $until,
        );
    }

    /** @return list<Team> */
    private function teams(): array
    {
        $members = [];
        foreach ($this->ids as $id) {
            if ($this->chance(60)) {
                $members[] = new Membership($id, $this->chance(70) ? 100 : $this->pick(20, 300));
            }
        }

        return [
            new Team('small', 'Small', $members, 'all', $this->id()),
            new Team('all', 'All', Build::members(...$this->ids)),
        ];
    }

    /** @return list<Absence> */
    private function absences(): array
    {
        $absences = [];
        foreach ($this->ids as $id) {
            if ($this->chance(30)) {
                $from = $this->moment();
                $absences[] = new Absence(
                    "away-{$id}",
                    $id,
                    new Span($from, $from + $this->pick(1, 30) * 3600),
                    $this->chance(80) ? AbsenceStatus::Approved : AbsenceStatus::Asked,
                    Substitute::forAll($this->id(), $this->id()),
                );
            }
        }

        return $absences;
    }
}
