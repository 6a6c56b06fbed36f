<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;

require_once __DIR__ . '/WorldFormatFunctions.php';

it('says what is wrong and where', function (Closure $spoil, string $pointer, string $reason): void {
    $world = example();
    $spoil($world);
    try {
        WorldFormat::read(Node::root($world));
        $this->fail('It was not refused.');
    } catch (DocumentError $error) {
        expect($error->faults[0]->pointer)->toBe($pointer);
        expect($error->faults[0]->reason)->toContain($reason);
    }
})->with([
    'no clock' => [
        function (array &$w): void {
            unset($w['clock']);
        },
        '',
        '"clock" is missing',
    ],
    'another format' => [
        function (array &$w): void {
            $w['openbaton'] = 'world/9';
        },
        '/openbaton',
        'world/1',
    ],
    'no moment' => [
        function (array &$w): void {
            $w['clock'] = '2026-03-02';
        },
        '/clock',
        'not a moment',
    ],
    'no such moment' => [
        function (array &$w): void {
            $w['clock'] = '2026-02-30T09:00:00Z';
        },
        '/clock',
        'no such moment',
    ],
    'hours upside down' => [
        function (array &$w): void {
            $w['roster']['house']['hours'][0]['mon'] = ['9-5'];
        },
        '/roster/house/hours/0/mon/0',
        '09:00-17:30',
    ],
    'an unknown skill' => [
        function (array &$w): void {
            $w['roster']['people'][0]['skills'] = ['kazoo' => 1];
        },
        '/roster/people/0/skills/kazoo',
        'no skill',
    ],
    'a level of 4' => [
        function (array &$w): void {
            $w['roster']['people'][0]['skills'] = ['brass' => 4];
        },
        '/roster/people/0/skills/brass',
        'from 1 to 3',
    ],
    'a stranger as substitute' => [
        function (array &$w): void {
            $w['roster']['absences'][0]['substitutes'] = ['nobody'];
        },
        '/roster/absences/0/substitutes/0',
        'no person "nobody"',
    ],
    'a stranger as lead' => [
        function (array &$w): void {
            $w['roster']['teams'][0]['lead'] = 'nobody';
        },
        '/roster/teams/0/lead',
        'no person',
    ],
    'an absence backwards' => [
        function (array &$w): void {
            $w['roster']['absences'][0]['last'] = '2026-03-01';
        },
        '/roster/absences/0',
        'not end before it begins',
    ],
    'the same person twice in a team' => [
        function (array &$w): void {
            $w['roster']['teams'][0]['members'][1]['person'] = 'ayumi-kato';
        },
        '/roster/teams/0/members/1/person',
        'in this team already',
    ],
    'a rule that does nothing' => [
        function (array &$w): void {
            unset($w['rulebook']['rules'][0]['give']);
        },
        '/rulebook/rules/0',
        'neither',
    ],
    'an unknown method' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['give']['method']['kind'] = 'dice';
        },
        '/rulebook/rules/1/give/method/kind',
        'round_robin, lightest_load',
    ],
    'an unknown team' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['give']['pool']['team'] = 'choir';
        },
        '/rulebook/rules/1/give/pool/team',
        'no team "choir"',
    ],
    'same person of many' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['give']['method'] = ['kind' => 'same_person'];
        },
        '/rulebook/rules/1/give/method',
        'names one person',
    ],
    'a limit to be dropped that the rule does not have' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['give']['otherwise'] = ['kind' => 'drop_limit', 'limit' => 'on_now'];
        },
        '/rulebook/rules/1/give/otherwise/limit',
        'no limit of the kind "on_now"',
    ],
    'a way to be due that is no more' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['then'][0]['working_time'] = 'PT1H';
        },
        '/rulebook/rules/1/then/0/working_time',
        'no such member',
    ],
    'a rule twice' => [
        function (array &$w): void {
            $w['rulebook']['rules'][1]['id'] = 'owner-keeps';
        },
        '/rulebook/rules/1/id',
        'another rule',
    ],
    'a fact on no list' => [
        function (array &$w): void {
            $w['events'][0]['task']['facts']['task.family'] = 'kazoo';
        },
        '/events/0/task/facts/task.family',
        'its values are brass, strings',
    ],
    'an unknown fact' => [
        function (array &$w): void {
            $w['events'][0]['task']['facts']['task.hue'] = 'red';
        },
        '/events/0/task/facts/task.hue',
        'no field',
    ],
    'time runs backwards' => [
        function (array &$w): void {
            $w['events'][1]['at'] = '2026-03-01T09:00:00Z';
        },
        '/events/1/at',
        'order of time',
    ],
    'an event twice' => [
        function (array &$w): void {
            $w['events'][1]['id'] = 'e1';
        },
        '/events/1/id',
        'another "e1"',
    ],
    'work of a stranger' => [
        function (array &$w): void {
            $w['work'][0]['assignee'] = 'nobody';
        },
        '/work/0/assignee',
        'no person',
    ],
    'a list for an object' => [
        function (array &$w): void {
            $w['roster']['house'] = [1, 2];
        },
        '/roster/house',
        'object belongs',
    ],
]);

it('reports the faults of all rules at once', function (): void {
    $world = example();
    $world['rulebook']['rules'][0]['when'] = [['kind' => 'full_moon']];
    $world['rulebook']['rules'][1]['if']['all'][0]['op'] = 'smells_like';
    try {
        WorldFormat::read(Node::root($world));
        $this->fail('It was not refused.');
    } catch (DocumentError $error) {
        expect(array_map(static fn($fault): string => $fault->pointer, $error->faults))->toBe([
            '/rulebook/rules/0/when/0/kind',
            '/rulebook/rules/1/if/all/0/op',
        ]);
    }
});
