<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Http\Viewer;
use App\Models\Absences\Absence;
use App\Models\People\Person as PersonRow;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Person;

/** Whether new work comes to somebody. Its type is IntakeState.ts. */
final class IntakeState
{
    /**
     * @return array{slug: string, name: string, paused: bool, until: string|null, reason: string|null, may: bool,
     *     mayEnterIll: bool}
     */
    public static function of(PersonRow $row, Viewer $viewer): array
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $roster = $viewer->snapshot()->roster;
        $person = $roster->people[$row->slug];
        $paused = $person->isPausedAt($now);
        $user = $viewer->user();

        return PersonRef::of($row) + [
            'paused' => $paused,
            'until' =>
                !$paused || $person->pausedUntil === Person::UNTIL_FURTHER_NOTICE
                    ? null
                    : Instant::orNull($person->pausedUntil),
            'reason' => $paused ? $row->intake_paused_reason : null,
            'may' => $user->can('pauseIntake', $row),
            'mayEnterIll' =>
                $roster->absenceOf($row->slug, $now) === null &&
                $row->user_id !== $user->id &&
                $user->can('enter', Absence::class),
        ];
    }
}
