<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\People\Roster;

function readRoster(array $person, array $house = []): Roster
{
    $fields = [new Field('person.badge', 'Badge', FieldType::Number), new Field('person.van', 'Van', FieldType::YesNo)];

    return RosterFormat::read(
        Node::root([
            'openbaton' => 'roster/1',
            'house' => ['zone' => 'Europe/Dublin', 'hours' => []] + $house,
            'people' => [['id' => 'femi', 'name' => 'Femi'] + $person],
        ]),
        new FieldCatalogue($fields),
    );
}

it('takes what it is told of somebody and refuses what is too long or no line', function (
    array $person,
    array $house,
    string $pointer,
): void {
    try {
        readRoster($person, $house);
        $this->fail('It was not refused.');
    } catch (DocumentError $error) {
        expect(array_map(static fn($fault): string => $fault->pointer, $error->faults))->toBe([$pointer]);
    }
})->with([
    'a long address' => [['email' => str_repeat('a', 201)], [], '/people/0/email'],
    'an address in two lines' => [['email' => "a\nb"], [], '/people/0/email'],
    'a long telephone number' => [['phone' => str_repeat('1', 61)], [], '/people/0/phone'],
    'no open task at most' => [['open_tasks_at_most' => 0], [], '/people/0/open_tasks_at_most'],
    'a field of another type' => [['fields' => ['person.badge' => 'seven']], [], '/people/0/fields/person.badge'],
    'a calendar with a long name' => [
        [],
        ['calendars' => [['id' => 'fi', 'name' => str_repeat('a', 201), 'holidays' => []]]],
        '/house/calendars/0/name',
    ],
    'a calendar with more in it' => [
        [],
        ['calendars' => [['id' => 'fi', 'name' => 'Finland', 'holidays' => [], 'colour' => 'red']]],
        '/house/calendars/0/colour',
    ],
]);

it('keeps the values that the house has of somebody, and takes texts of the longest', function (): void {
    $roster = readRoster([
        'email' => str_repeat('a', 200),
        'phone' => str_repeat('1', 60),
        'fields' => ['person.badge' => 7, 'person.van' => false],
    ]);
    expect($roster->people['femi']->fields)->toBe(['person.badge' => 7, 'person.van' => false]);
});

it('takes one open task at most', function (): void {
    expect(readRoster(['open_tasks_at_most' => 1], [])->people['femi']->openTasksAtMost)->toBe(1);
});
