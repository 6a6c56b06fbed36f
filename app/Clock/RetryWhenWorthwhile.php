<?php

declare(strict_types=1);

namespace App\Clock;

use App\Bridge\Houses;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Tasks\RetryUnplaced;
use Illuminate\Support\Facades\Cache;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Roster;

/**
 * Has unplaced tasks tried again when somebody may be found by now: the rules,
 * the roster, who is there or what people have in hand have changed since.
 */
final readonly class RetryWhenWorthwhile
{
    private const KEY = 'unplaced.tried-with';

    public function __construct(private Houses $houses) {}

    /** @param int $now instant */
    public function __invoke(int $now): void
    {
        if (Task::query()->unplaced()->doesntExist()) {
            return;
        }
        $house = $this->houses->now();
        $print = hash(
            'sha256',
            json_encode(
                [
                    $house->state->versionId,
                    $house->state->rosterRevision,
                    TaskChange::query()->max('id'),
                    self::there($house->snapshot->roster, $now),
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
        $store = Cache::store('database');
        if ($store->get(self::KEY) !== $print) {
            $store->forever(self::KEY, $print);
            RetryUnplaced::dispatch();
        }
    }

    /** @return list<string> people to whom work may come; marked where they are at work now */
    private static function there(Roster $roster, int $now): array
    {
        $availability = new Availability($roster);
        $there = [];
        foreach ($roster->people as $person) {
            if ($availability->reasonsAgainst($person, $now) === []) {
                $there[] = $person->id . ($roster->isOn($person->id, $now) ? '+' : '');
            }
        }

        return $there;
    }
}
