<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Routing\Route;

/** What is sent to addresses of people, places and the roster. */
final class RightPeopleRequests
{
    private const PERSON = [
        'document' => [
            'name' => 'Callum Rees',
            'zone' => 'Europe/Dublin',
            'skills' => ['brass' => 1],
            'hours' => [['from' => '2026-01-01', 'mon' => ['09:00-17:00']]],
            'exceptions' => [['date' => '2026-03-09', 'remove' => ['09:00-10:00']]],
            'capacity' => ['percent' => 50],
            'attributes' => ['van'],
            'place' => 'islands',
        ],
        'teams' => ['brass-bench' => ['weight' => 50, 'from' => '2026-03-01']],
    ];

    /**
     * @param string $task by its id
     *
     * @return array<string, mixed>|null
     */
    public static function body(Route $route, string $task): ?array
    {
        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'GET people' => ['person' => 'femi'],
            'POST people', 'PUT people/{person}' => self::PERSON,
            'POST people/change' => [
                'people' => ['femi', 'tobias'],
                'what' => 'skill',
                'skill' => 'brass',
                'level' => 2,
                'percent' => 50,
                'tasks' => 3,
                'team' => 'brass-bench',
                'weight' => 50,
                'attribute' => 'van',
                'place' => 'islands',
                'zone' => 'Europe/Dublin',
            ],
            'POST people/{person}/leaving' => [
                'last_day' => '2026-03-02',
                'tasks' => [$task => 'femi'],
                'successor' => 'femi',
            ],
            'POST people/{person}/pause' => ['until' => '2026-03-03T10:00:00Z', 'reason' => 'Stock count'],
            'POST places', 'POST api/v1/places', 'PUT places/{place}', 'PUT api/v1/places/{place}' => [
                'name' => 'Lowlands',
                'responsible' => 'femi',
                'deputy' => 'ayumi',
            ] + (str_contains($route->uri(), '{') ? [] : ['in' => 'islands']),
            'POST places/{place}/retire' => ['retired' => true],
            'GET places' => ['q' => 'holm', 'in' => 'islands', 'page' => '1'],
            'PUT roster/house' => [
                'document' => [
                    'zone' => 'Europe/Dublin',
                    'hours' => [['from' => '2020-01-01', 'mon' => ['10:00-11:00']]],
                    'holidays' => ['2026-03-17'],
                    'calendars' => [['id' => 'fi', 'name' => 'Finland', 'holidays' => ['2026-12-06']]],
                ],
            ],
            'PUT roster/{list}/{slug?}' => ['document' => ['name' => 'Brass', 'lead' => 'femi', 'minimum' => 1]],
            'POST roster/import', 'POST roster/preview' => House::roster(),
            default => null,
        };
    }
}
