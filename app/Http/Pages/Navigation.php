<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\Absences\Absence;
use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Guides\Guide;
use App\Models\House\House;
use App\Models\Messages\Message;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Task;

/** The pages that somebody may go to from everywhere, as the policies have it. Its type is Navigation.ts. */
final class Navigation
{
    /** Each with its address and what the policies ask; null: somebody of the house. */
    private const ALL = [
        'floor' => ['/floor', ['viewFloor', House::class]],
        'in_hand' => ['/in-hand', null],
        'tasks' => ['/tasks', ['find', Task::class]],
        'cases' => ['/cases', ['find', CustomerCase::class]],
        'absences' => ['/absences', ['viewAny', Absence::class]],
        'people' => ['/people', ['keepRoster', House::class]],
        'customers' => ['/customers', ['keepCustomers', House::class]],
        'rulebook' => ['/rulebook', ['viewAny', RulebookVersion::class]],
        'house' => ['/house', ['shape', House::class]],
        'guides' => ['/guides', ['viewAny', Guide::class]],
        'outbox' => ['/outbox', ['viewAny', Message::class]],
    ];

    /** @return list<array{place: string, url: string}> in the order in which they are offered */
    public static function of(User $user): array
    {
        $places = [];
        foreach (self::ALL as $place => [$url, $asks]) {
            if ($asks === null ? $user->person !== null : $user->can(...$asks)) {
                $places[] = ['place' => $place, 'url' => $url];
            }
        }

        return $places;
    }
}
