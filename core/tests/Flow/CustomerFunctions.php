<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Flow;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\World\ChainOf;

/**
 * A house with a lead and two for sales, and what its rules do.
 *
 * @param list<array<string, mixed>> $rules
 * @param list<array<string, mixed>> $events
 * @param array<string, mixed>       $more   members of the world
 *
 * @return list<ChainOf>
 */
function customerChains(array $rules, array $events, array $more = []): array
{
    $fields = [
        [
            'path' => 'task.kind',
            'label' => 'Kind',
            'type' => 'one_of',
            'options' => [['value' => 'call', 'label' => 'Call']],
        ],
        ['path' => 'task.title', 'label' => 'Title', 'type' => 'text'],
        ['path' => 'customer.name', 'label' => 'Customer', 'type' => 'text', 'derived' => true],
        ['path' => 'customer.owner', 'label' => 'Owner', 'type' => 'person'],
        ['path' => 'customer.tags', 'label' => 'Tags', 'type' => 'tags'],
        ['path' => 'customer.added', 'label' => 'Since', 'type' => 'date'],
        ['path' => 'customer.service_due', 'label' => 'Service due', 'type' => 'date'],
        ['path' => 'customer.size', 'label' => 'Size', 'type' => 'number'],
        [
            'path' => 'moment.weekday',
            'label' => 'Day',
            'type' => 'one_of',
            'options' => [['value' => 'friday', 'label' => 'Fr']],
        ],
    ];
    $days = array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], ['09:00-17:00']);
    $hours = ['zone' => 'Europe/Dublin', 'hours' => [['from' => '2020-01-01'] + $days]];
    $person = static fn(string $id): array => ['id' => $id, 'name' => ucfirst($id)];
    $world = WorldFormat::read(
        Node::root(
            [
                'openbaton' => 'world/3',
                'clock' => '2026-03-02T09:00:00Z',
                'roster' => [
                    'openbaton' => 'roster/1',
                    'house' => $hours,
                    'people' => [$person('hanneke'), $person('oona'), $person('femi')],
                    'teams' => [
                        ['id' => 'sales', 'name' => 'Sales', 'members' => [['person' => 'oona'], ['person' => 'femi']]],
                    ],
                ],
                'trade' => ['kinds' => [['id' => 'call', 'name' => 'Call']]],
                'rulebook' => [
                    'openbaton' => 'rulebook/2',
                    'fields' => $fields,
                    'rules' => array_map(
                        static fn(array $rule, int $place): array => $rule + [
                            'id' => "r{$place}",
                            'name' => "Rule {$place}",
                        ],
                        $rules,
                        array_keys($rules),
                    ),
                ],
                'events' => array_map(
                    static fn(array $event, int $place): array => ['id' => "e{$place}"] + $event,
                    $events,
                    array_keys($events),
                ),
            ] + $more,
        ),
    );

    return iterator_to_array($world->chains(), false);
}

/**
 * @param list<ChainOf> $chains
 *
 * @return list<string> what came into being
 */
function bornIn(array $chains): array
{
    $born = [];
    foreach ($chains as $of) {
        foreach ($of->chain->links as $link) {
            $born = $link->change->isArrival() ? [...$born, "{$of->event} {$link->change->after->id}"] : $born;
        }
    }

    return $born;
}

/**
 * @param list<ChainOf> $chains
 *
 * @return list<string> what each change set was about, what it was called, and who had it at the end of its chain
 */
function broughtAbout(array $chains): array
{
    $told = [];
    foreach ($chains as $of) {
        foreach ($of->chain->links as $link) {
            $after = $of->chain->subjects[$link->change->after->id];
            $told[] = trim("{$of->event} {$after::kind()->value} {$after->id} {$after->title()} {$after->holderId}");
        }
    }

    return $told;
}

const SERVICE_CALL = [
    'when' => [
        [
            'kind' => 'date_reached',
            'field' => 'customer.service_due',
            'offset' => '-14 days',
            'time' => '09:00',
            'of' => 'customer',
        ],
    ],
    'then' => [['kind' => 'create_task', 'task_kind' => 'call', 'title' => 'Call ~customer.name~']],
];

const THE_HOLMS = [
    'id' => 'holms',
    'facts' => ['customer.name' => 'The Holms', 'customer.service_due' => '2026-03-20'],
];
