<?php

declare(strict_types=1);

use OpenBaton\Core\Check\Mention;
use OpenBaton\Core\Check\Mentions;
use OpenBaton\Core\Rulebook\Event\HolderChanges;
use OpenBaton\Core\Rulebook\FieldValue;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\FollowUp\SetField;
use OpenBaton\Core\Rulebook\FollowUp\Watch;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Otherwise\AskPerson;
use OpenBaton\Core\Rulebook\PeopleGroup;
use OpenBaton\Core\Rulebook\Pool\Except;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Text\MergedText;

it('finds where a rule names a person, and whether nobody else is named there', function (
    Closure $rule,
    array $expected,
): void {
    $rules = [
        Build::rule('other', new NamedPeople(['femi']), new InOrder(), otherwise: new AskPerson('tobias')),
        $rule(),
    ];
    $told = array_map(
        static fn(Mention $one): array => [$one->rule->id, $one->place->value, $one->alone],
        Mentions::of(new Rulebook(Build::fields(), $rules), 'callum'),
    );
    expect($told)->toBe($expected);
})->with([
    'alone in the pool' => [
        static fn() => Build::rule('r', new NamedPeople(['callum']), new InOrder()),
        [['r', 'give_to', true]],
    ],
    'among others' => [
        static fn() => Build::rule('r', new NamedPeople(['femi', 'callum']), new InOrder()),
        [['r', 'give_to', false]],
    ],
    'as an exclusion' => [
        static fn() => Build::rule(
            'r',
            new Except(new TeamMembers('brass'), new NamedPeople(['callum'])),
            new InOrder(),
        ),
        [['r', 'give_to', false]],
    ],
    'as a last resort' => [
        static fn() => Build::rule('r', new TeamMembers('brass'), new InOrder(), otherwise: new AskPerson('callum')),
        [['r', 'otherwise', true]],
    ],
    'in criteria' => [
        static fn() => Build::rule('r', new TeamMembers('brass'), new InOrder(), [
            'any' => [
                ['field' => 'task.rush', 'op' => 'is', 'value' => true],
                ['field' => 'case.owner', 'op' => 'one_of', 'value' => ['femi', 'callum']],
            ],
        ]),
        [['r', 'if', false]],
    ],
    'in an event' => [
        static fn() => Build::rule(
            'r',
            null,
            then: [new Watch(new NamedPeople(['femi']))],
            when: [new HolderChanges(new PeopleGroup(['callum']))],
        ),
        [['r', 'when', false]],
    ],
    'in two places' => [
        static fn() => Build::rule(
            'r',
            new NamedPeople(['callum']),
            new InOrder(),
            then: [new CreateTask('quote', MergedText::parse('Quote'), for: new NamedPeople(['callum']))],
        ),
        [['r', 'give_to', true], ['r', 'then', false]],
    ],
    'a team in which they are' => [
        static fn() => Build::rule('r', new TeamMembers('brass'), new InOrder(), [
            'field' => 'task.title',
            'op' => 'is',
            'value' => 'callum',
        ]),
        [],
    ],
    'as the value of a field' => [
        static fn() => Build::rule(
            'r',
            null,
            then: [new SetField(new FieldValue(Build::fields()->fields['case.owner'], 'callum'))],
        ),
        [['r', 'then', false]],
    ],
    'another person as the value of a field' => [
        static fn() => Build::rule(
            'r',
            null,
            then: [new SetField(new FieldValue(Build::fields()->fields['case.owner'], 'femi'))],
        ),
        [],
    ],
    'the same letters as the value of a field that is no person' => [
        static fn() => Build::rule(
            'r',
            null,
            then: [new SetField(new FieldValue(Build::fields()->fields['task.title'], 'callum'))],
        ),
        [],
    ],
    'others in an event' => [
        static fn() => Build::rule(
            'r',
            null,
            then: [new Watch(new NamedPeople(['femi']))],
            when: [new HolderChanges(new PeopleGroup(['femi'], 'brass'), new PeopleGroup([], 'callum'))],
        ),
        [],
    ],
    'others as a last resort, and made a task for' => [
        static fn() => Build::rule(
            'r',
            new TeamMembers('brass'),
            new InOrder(),
            otherwise: new AskPerson('femi'),
            then: [new CreateTask('quote', MergedText::parse('Quote'), for: new NamedPeople(['femi']))],
        ),
        [],
    ],
]);
