<?php

declare(strict_types=1);

namespace App\People;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\RosterFormat;

/** Lets no new work come to somebody for a while; what they hold stays with them. */
final class PauseIntake
{
    /** @param CarbonImmutable|null $until null: until somebody ends it */
    public function pause(Person $person, ?CarbonImmutable $until, string $reason, Actor $by): Person
    {
        return ChangeHouse::run('intake_paused', "paused the intake of {$person->name}", $by, static function () use (
            $person,
            $until,
            $reason,
        ): Person {
            $person->update([
                'intake_paused_until' =>
                    $until === null ? RosterFormat::FURTHER_NOTICE : Instant::format($until->getTimestamp()),
                'intake_paused_reason' => $reason,
            ]);

            return $person;
        });
    }

    public function resume(Person $person, Actor $by): Person
    {
        return ChangeHouse::run(
            'intake_resumed',
            "let work come to {$person->name} again",
            $by,
            static function () use ($person): Person {
                $person->update(['intake_paused_until' => null, 'intake_paused_reason' => null]);

                return $person;
            },
        );
    }
}
