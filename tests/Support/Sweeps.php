<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Rules\RulebookVersion;
use App\Models\Sweeps\NamedSweep;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Sweeps\SteerSweep;
use App\Sweeps\SweepOrder;

/** Sweeps that requests are about. */
final class Sweeps
{
    /** A sweep of the demo house, looked at by its lead. */
    public static function lookedAt(string $name): SweepRun
    {
        $run = app(SteerSweep::class)->look(
            new SweepOrder(NamedSweep::query()->where('name', $name)->sole(), ['filter' => []], House::user('hanneke')),
        );

        return $run->refresh();
    }

    /** @return array<string, string> ids, by the names of addresses */
    public static function ids(): array
    {
        return [
            'sweep' => NamedSweep::query()->create([
                'name' => 'To Ayumi',
                'document' => ['hand_to' => 'ayumi'],
                'saved_at' => now(),
            ])->id,
            'run' => SweepRun::query()->create([
                'name' => 'To Ayumi',
                'rule_id' => 'round',
                'rulebook_version_id' => RulebookVersion::query()->published()->sole()->id,
                'user_id' => House::user('hanneke')->id,
                'chosen' => ['filter' => []],
                'state' => SweepState::Stopped,
                'begun_at' => now(),
                'carried_at' => now(),
            ])->id,
        ];
    }
}
