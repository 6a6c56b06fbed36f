<?php

declare(strict_types=1);

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Tests\Support\FullWorld;

require_once __DIR__ . '/RefusalFunctions.php';

it('takes what was given at the very moment of the clock', function (): void {
    $document = FullWorld::document();
    $document['last_assigned']['femi'] = $document['clock'];
    $document['work'][3]['due'] = $document['work'][3]['start'];
    $world = WorldFormat::read(Node::root($document));
    expect($world->work->held('femi')->lastAssignedAt)->toBe($world->clock);
    expect($world->work->held('callum')->loading[0]->dueAt)->toBe($world->work->held('callum')->loading[0]->startAt);
});

it('finds the circle at a team that is part of it, not at one that hangs below it', function (): void {
    $document = FullWorld::document()['roster'];
    $document['teams'] = [
        ['id' => 'below', 'name' => 'Below', 'parent' => 'a'],
        ['id' => 'a', 'name' => 'A', 'parent' => 'b'],
        ['id' => 'b', 'name' => 'B', 'parent' => 'a'],
    ];
    expect(faultsOf(static fn() => RosterFormat::read(Node::root($document))))->toBe([
        ['/teams/1/parent', '"a" would lie within itself.'],
    ]);
});

it('says all that is wrong with a roster at once', function (): void {
    $document = FullWorld::document()['roster'];
    $document['people'][0]['skills'] = ['kazoo' => 1];
    $document['people'][3]['capacity'] = ['percent' => 0];
    $document['colour'] = 'red';
    expect(array_column(faultsOf(static fn() => RosterFormat::read(Node::root($document))), 0))->toBe([
        '/colour',
        '/people/0/skills/kazoo',
        '/people/3/capacity',
    ]);
});

it('takes whole numbers for what they are', function (mixed $value, bool $fits): void {
    $document = FullWorld::document();
    $document['rulebook']['fields'][] = ['path' => 'task.count', 'label' => 'Count', 'type' => 'number'];
    $document['rulebook']['rules'][0]['if'] = ['field' => 'task.count', 'op' => 'is', 'value' => $value];
    $document['events'][0]['task']['facts'] = ['task.count' => 1_000_000_000_000_000, 'case.owner' => 'femi'];
    $decisions = iterator_to_array(WorldFormat::read(Node::root($document))->decisions());
    expect($decisions[0]->decidingRule()?->id === 'owner')->toBe($fits);
})->with([
    [1e15, true],
    [1_000_000_000_000_000, true],
    [1_000_000_000_000_001, false],
    [1e15 + 1, false],
    [1.5, false],
]);

it('refuses numbers beyond all bounds', function (): void {
    $document = FullWorld::document();
    $document['rulebook']['fields'][] = ['path' => 'task.count', 'label' => 'Count', 'type' => 'number'];
    $document['rulebook']['rules'][0]['if'] = ['field' => 'task.count', 'op' => 'is', 'value' => json_decode('1e400')];
    expect(faultsOf(static fn() => WorldFormat::read(Node::root($document)))[0][0])->toBe('/rulebook/rules/0/if/value');
});

it('reads rulebooks and worlds of the first format', function (): void {
    $old = json_decode((string) file_get_contents(__DIR__ . '/../Support/first-format.world.json'), true);
    $world = WorldFormat::read(Node::root($old));
    $rules = RulebookFormat::writeRules($world->rulebook);
    expect(
        array_map(
            static fn($decision): array => [$decision->assigneeId, $decision->outcome->value],
            iterator_to_array($world->decisions(), false),
        ),
    )->toBe([
        // Of the marks 40 and 39 million Femi's is lower; at half weight a turn is 20 million, so it is 59 million
        // then.
        ['femi-adeyinka', 'assigned'],
        ['ayumi-kato', 'assigned'],
        ['tobias-lindqvist', 'assigned'],
        [null, 'unplaced'],
    ]);
    expect($rules[1]['when'])->toBe([['kind' => 'task_arrives']]);
    expect($rules[1]['then'])->toBe([
        ['kind' => 'due_in', 'after' => 'P3D', 'hours_of' => 'house'],
        ['kind' => 'due_in', 'after' => 'PT4H30M', 'hours_of' => 'assignee'],
    ]);
    expect($world->rotations->named('Brass bench')->virtualTime)->toBe(39_000_000);
});

it('refuses in the first format what was refused there', function (array $then, string $pointer): void {
    $old = json_decode((string) file_get_contents(__DIR__ . '/../Support/first-format.world.json'), true);
    $old['rulebook']['rules'][1]['then'] = [$then];
    expect(faultsOf(static fn() => WorldFormat::read(Node::root($old)))[0][0])->toBe($pointer);
})->with([
    [['kind' => 'due_in'], '/rulebook/rules/1/then/0'],
    [['kind' => 'due_in', 'working_days' => 3, 'working_time' => 'PT1H'], '/rulebook/rules/1/then/0'],
    [['kind' => 'due_in', 'working_days' => 261], '/rulebook/rules/1/then/0/working_days'],
    [['kind' => 'due_in', 'working_time' => 'soon'], '/rulebook/rules/1/then/0/after'],
    [['kind' => 'fly'], '/rulebook/rules/1/then/0/kind'],
]);
