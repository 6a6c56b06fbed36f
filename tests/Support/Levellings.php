<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Levelling\LevelTerms;
use App\Levelling\SteerLevelling;
use App\Models\Levelling\Levelling;
use App\Models\Levelling\LevellingState;

/** Levellings that requests are about. */
final class Levellings
{
    /** Of everybody's work, by the lead of the house. */
    public static function workedOut(): Levelling
    {
        return app(SteerLevelling::class)->begin([], new LevelTerms([]), House::user('hanneke'))->refresh();
    }

    /** One that is being worked out. */
    public static function id(): string
    {
        return Levelling::query()->create([
            'user_id' => House::user('hanneke')->id,
            'state' => LevellingState::Working,
            'teams' => [],
            'terms' => (new LevelTerms([]))->write(),
            'at' => now(),
            'until' => now()->addDay(),
            'budget' => 1,
            'begun_at' => now(),
        ])->id;
    }
}
