<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Tests\Support\CaseStory;

/**
 * @param array<string, mixed> $more
 *
 * @return array<string, mixed>
 */
function caseMail(array $more): array
{
    return $more + ['kind' => 'message', 'channel' => 'mail', 'text' => 'About ~case.title~ of ~customer.name~.'];
}

/**
 * @param list<array<string, mixed>> $then
 *
 * @return list<array<string, mixed>> the messages that are prepared when a case of Oona's opens
 */
function caseMessages(array $then): array
{
    $story = new CaseStory(
        [
            [
                'when' => [['kind' => 'case_opens']],
                'give' => [
                    'pool' => ['kind' => 'people', 'people' => ['oona-varga']],
                    'method' => ['kind' => 'same_person'],
                ],
                'then' => $then,
            ],
        ],
        [CaseStory::opens()],
    );

    return array_values(
        array_map(
            static fn(array $one): array => array_diff_key($one, ['rule' => true, 'name' => true]),
            array_filter(
                $story->told[0]['effects'],
                static fn(array $one): bool => $one['effect'] === 'message_prepared',
            ),
        ),
    );
}

it('prepares a message about a case for its owner and for its customer', function (): void {
    $told = caseMessages([caseMail(['addressee' => 'holder']), caseMail(['addressee' => 'customer', 'held' => false])]);
    expect($told)->toBe([
        [
            'effect' => 'message_prepared',
            'to' => ['person:oona-varga'],
            'channel' => 'mail',
            'subject' => 'Forty clarinets',
            'text' => 'About Forty clarinets of Lesser Sulla Primary.',
            'held' => true,
        ],
        [
            'effect' => 'message_prepared',
            'to' => ['customer:sulla'],
            'channel' => 'mail',
            'subject' => 'Forty clarinets',
            'text' => 'About Forty clarinets of Lesser Sulla Primary.',
            'held' => false,
        ],
    ]);
});

it('refuses a message that names what its subject does not have', function (
    array $when,
    array $then,
    string $why,
): void {
    expect(static fn() => new CaseStory([['when' => [$when], 'then' => [$then]]], [CaseStory::opens()]))->toThrow(
        DocumentError::class,
        $why,
    );
})->with([
    'the reviewer of a case' => [
        ['kind' => 'case_opens'],
        caseMail(['addressee' => 'reviewer']),
        'Rules about cases have no "reviewer".',
    ],
    'the task of a case' => [
        ['kind' => 'case_opens'],
        caseMail(['addressee' => 'holder', 'text' => '~task.title~']),
        'task.title',
    ],
    'a message about a customer' => [
        ['kind' => 'customer_added'],
        ['kind' => 'message', 'channel' => 'mail', 'text' => 'Hello', 'addressee' => 'customer'],
        'Rules about customers have no "message".',
    ],
]);
