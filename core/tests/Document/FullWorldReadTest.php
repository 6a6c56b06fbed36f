<?php

declare(strict_types=1);

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\FullWorld;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\PersonWork;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\WorkItem;
use OpenBaton\Core\World\Arrives;

require_once __DIR__ . '/FullWorldFunctions.php';

it('reads work, rotations, events and when work last came to people', function (): void {
    $world = fullWorld();
    expect($world->clock)->toBe(Build::at('2026-03-02T09:00:00Z'));
    expect($world->work->held('ayumi'))->toEqual(
        new PersonWork(
            [
                new WorkItem(
                    'w1',
                    'ayumi',
                    TaskStatus::Working,
                    Priority::High,
                    new Effort(0, 180, 60),
                    Build::at('2026-02-20T09:00:00Z'),
                    null,
                    Build::at('2026-03-03T12:00:00Z'),
                ),
            ],
            [],
            Build::at('2026-02-26T10:00:00Z'),
        ),
    );
    expect($world->work->held('femi'))->toEqual(
        new PersonWork(
            [],
            [new WorkItem('w2', 'femi', TaskStatus::Waiting, Priority::Normal, new Effort(0, 120), $world->clock)],
        ),
    );
    expect($world->work->held('hanneke'))->toEqual(
        new PersonWork([
            new WorkItem(
                'w3',
                'femi',
                TaskStatus::InReview,
                Priority::Normal,
                new Effort(60, null, 0, 30),
                $world->clock,
                reviewerId: 'hanneke',
            ),
        ]),
    );
    expect($world->work->held('callum'))->toEqual(
        new PersonWork(
            [
                new WorkItem(
                    'w4',
                    'callum',
                    TaskStatus::New,
                    Priority::Normal,
                    new Effort(0, 60),
                    $world->clock,
                    Build::at('2026-03-03T09:00:00Z'),
                    Build::at('2026-03-04T17:00:00Z'),
                ),
            ],
            [],
            Build::at('2026-02-27T10:00:00Z'),
        ),
    );
    expect($world->work->held('mirela')->loading[0]->priority)->toBe(Priority::Low);
    expect($world->rotations->named('Brass bench')->passes)->toBe(['femi' => 30_000_000, 'callum' => 21_000_000]);
    expect($world->rotations->named('Brass bench')->virtualTime)->toBe(20_000_000);
    expect($world->roster->people['femi']->memberFrom)->toBe(Build::at('2026-01-01T00:00:00Z'));
    expect($world->roster->people['femi']->memberUntil)->toBe(Build::at('2026-06-30T23:00:00Z'));
    expect($world->events[0])->toEqual(
        new Arrives(
            new ChangeSet(
                'e1',
                $world->clock,
                null,
                new TaskSubject(
                    'T1',
                    $world->clock,
                    new Effort(540, 120, 15, 60),
                    priority: Priority::Low,
                    startAt: Build::at('2026-03-02T10:00:00Z'),
                    dueAt: Build::at('2026-03-06T12:00:00Z'),
                    fields: ['task.kind' => 'quote', 'case.owner' => 'femi'],
                ),
                Build::facts([
                    'task.kind' => 'quote',
                    'case.owner' => 'femi',
                    'task.status' => 'new',
                    'task.priority' => 'low',
                    'task.estimate' => 120,
                    'task.due' => '2026-03-06',
                    'task.start' => '2026-03-02',
                    'task.arrived' => '2026-03-02',
                    'task.tags' => [],
                    'task.open_items' => 0,
                    'task.comments' => 0,
                    'task.files' => 0,
                    'task.to_hand_on' => false,
                ]),
            ),
        ),
    );
});

it('decides the same where all ids are made of digits', function (): void {
    [$document, $ids] = FullWorld::ofDigits();
    $decisions = decisionsOf(WorldFormat::read(Node::parse((string) json_encode($document))));
    $named = FullWorld::renamed($decisions, $ids);
    $versionless = static fn(array $one): array => ['rulebook_version' => ''] + $one;
    expect(array_map($versionless, $named))->toEqual(array_map($versionless, decisionsOf(fullWorld())));
    expect($decisions[0]['assignee'])->toBe('102');
    expect($decisions[3]['open_to'])->toBe(['107', '101', '102', '106']);
});

it('writes the rules of it as it reads them, and reads what it writes', function (): void {
    $rulebook = fullWorld()->rulebook;
    $written = RulebookFormat::write($rulebook);
    expect(RulebookFormat::read(Node::root($written)))->toEqual($rulebook);
    expect($written['fields'])->toBe(FullWorld::document()['rulebook']['fields']);
    expect($written['rules'][2]['valid_from'])->toBe('2026-03-02T10:00:00Z');
    expect($written['rules'][2]['valid_until'])->toBe('2026-03-02T11:00:00Z');
    expect($written['rules'][3])->not->toHaveKey('give');
    expect($written['rules'][4]['give']['method'])->toBe([
        'kind' => 'round_robin',
        'rotation' => 'Brass bench',
        'keep_missed' => 0,
    ]);
    expect($written['rules'][6]['then'])->toBe([['kind' => 'due_in', 'after' => 'PT2H', 'hours_of' => 'house']]);
});

it('needs none of what is optional', function (): void {
    $world = WorldFormat::read(
        Node::root([
            'openbaton' => 'world/2',
            'clock' => '2026-03-02T09:00:00Z',
            'roster' => [
                'openbaton' => 'roster/1',
                'house' => ['zone' => 'UTC'],
                'people' => [['id' => 'a', 'name' => 'A']],
            ],
            'rulebook' => [
                'openbaton' => 'rulebook/2',
                'fields' => [],
                'rules' => [
                    [
                        'id' => 'r',
                        'name' => 'R',
                        'when' => [['kind' => 'task_arrives']],
                        'give' => [
                            'pool' => ['kind' => 'people', 'people' => ['a']],
                            'method' => ['kind' => 'in_order'],
                        ],
                    ],
                ],
            ],
            'events' => [['id' => 'e', 'kind' => 'task_arrives', 'task' => ['id' => 't']]],
        ]),
    );
    expect(array_column(decisionsOf($world), 'assignee'))->toBe(['a']);
});
