<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\Absence;
use App\Models\Person;
use App\Models\User;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\RosterFormat;

/** Whether new work comes to somebody. Its type is IntakeState.ts. */
final class IntakeState
{
    /** @return array{slug: string, name: string, paused: bool, until: string|null, reason: string|null, may: bool, mayEnterIll: bool} */
    public static function of(Person $person, User $viewer, bool $away = false): array
    {
        $until = $person->intake_paused_until;
        $forever = $until === RosterFormat::FURTHER_NOTICE;
        $paused = $until !== null && ($forever || CarbonImmutable::parse($until) > CarbonImmutable::now());

        return PersonRef::of($person) + [
            'paused' => $paused,
            'until' => $paused && ! $forever ? $until : null,
            'reason' => $paused ? $person->intake_paused_reason : null,
            'may' => $viewer->can('pauseIntake', $person),
            'mayEnterIll' => ! $away && $viewer->person?->id !== $person->id && $viewer->can('enter', Absence::class),
        ];
    }
}
