<?php

declare(strict_types=1);

use OpenBaton\Core\Document\ChainFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\World\WorldState;

/**
 * The world of docs/examples/repair.world.json up to where two are asked, with what happens then.
 *
 * @param list<array<string, mixed>> $events
 * @param array<string, mixed>       $asks   members of the follow-up that asks
 *
 * @return array{WorldState, list<array<string, mixed>>} what is told from then on
 */
function askedWorld(array $events, array $asks = []): array
{
    $document = json_decode(
        (string) file_get_contents(__DIR__ . '/../../../docs/examples/repair.world.json'),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
    $ask = &$document['rulebook']['rules'][0]['then'][0];
    $ask = $asks + $ask;
    $document['rulebook']['rules'][] = [
        'id' => 'heard',
        'name' => 'What else it came to is a tag',
        'when' => array_map(
            static fn(string $outcome): array => ['kind' => 'approval_settled', 'outcome' => $outcome, 'of' => 'case'],
            ['no', 'nobody', 'no_answer'],
        ),
        'then' => [['kind' => 'tag', 'tag' => 'heard']],
    ];
    $document['events'] = [
        ...array_slice($document['events'], 0, 5),
        ...array_map(
            static fn(array $event, int $place): array => $event + [
                'id' => "x{$place}",
                'at' => sprintf('2026-03-02T11:%02d:00Z', $place),
            ],
            $events,
            array_keys($events),
        ),
    ];
    $world = WorldFormat::read(Node::root($document));
    $state = new WorldState($world, 'v1');
    $told = [];
    foreach ($world->events as $number => $event) {
        foreach ($event->in($state) as $chain) {
            array_push($told, ...$number < 5 ? [] : ChainFormat::write($chain));
        }
    }

    return [$state, $told];
}

/** @return array<string, mixed> */
function saysOf(string $person, string $answer, ?string $to = null): array
{
    return array_filter([
        'kind' => 'approval_answered',
        'of' => 'horn',
        'approval' => 'Estimate',
        'by' => $person,
        'answer' => $answer,
        'to' => $to,
        'reason' => $answer === 'no' ? 'It is worth less.' : null,
    ]);
}

/** @return array<string, string> status of the tasks of those who were asked, by who holds them */
function statusOfAsked(WorldState $state): array
{
    $tasks = [];
    foreach ($state->tasks() as $task) {
        if ($task->answers !== null) {
            $tasks[(string) $task->holderId] = $task->status->value;
        }
    }

    return $tasks;
}

it('asks a substitute, and moves on by rule once two have said yes', function (): void {
    [$state] = askedWorld([saysOf('marek-dobry', 'yes'), saysOf('hanneke-de-wit', 'yes')]);
    expect($state->caseNow('horn')->stage())->toBe('on-the-bench');
    expect(statusOfAsked($state))->toBe(['marek-dobry' => 'done', 'hanneke-de-wit' => 'done']);
    expect($state->approvals('horn')['Estimate']->outcome?->value)->toBe('yes');
});

it('counts no answer of whoever made the estimate, is not asked, or has answered', function (string ...$people): void {
    [$state, $told] = askedWorld(array_map(static fn(string $one): array => saysOf($one, 'yes'), $people));
    expect(end($told))->toMatchArray(['openbaton' => 'refusal/1', 'of' => 'horn', 'why' => 'not_asked']);
    expect($state->approvals('horn')['Estimate']->isSettled())->toBeFalse();
})->with([
    'owns the case and made the estimate' => ['greta-solheim'],
    'is away: somebody answers for them' => ['tobias-lindqvist'],
    'a second time' => ['marek-dobry', 'marek-dobry'],
]);

it('is a no as soon as a yes cannot be reached, and takes back what is open', function (): void {
    [$state] = askedWorld([saysOf('marek-dobry', 'no')]);
    expect(statusOfAsked($state))->toBe(['marek-dobry' => 'done', 'hanneke-de-wit' => 'dropped']);
    expect([$state->caseNow('horn')->stage(), $state->caseNow('horn')->tags])->toBe(['approval', ['heard']]);
    // Nobody's answer counts then.
    [, $told] = askedWorld([saysOf('marek-dobry', 'no'), saysOf('hanneke-de-wit', 'yes')]);
    expect(end($told))->toMatchArray(['why' => 'not_asked']);
});

it('goes to whoever is named by somebody for whom it is not, and is nobody’s where they may not', function (): void {
    $two = ['people' => ['kind' => 'people', 'people' => ['hanneke-de-wit']], 'way' => 'one_of'];
    [$state] = askedWorld([saysOf('hanneke-de-wit', 'not_me', 'marek-dobry')], $two);
    expect(statusOfAsked($state))->toBe(['marek-dobry' => 'new']);
    [$state] = askedWorld([saysOf('hanneke-de-wit', 'not_me', 'greta-solheim')], $two);
    expect($state->approvals('horn')['Estimate']->outcome?->value)->toBe('nobody');
    expect($state->caseNow('horn')->tags)->toBe(['heard']);
});

it('asks one after the other where it says so', function (): void {
    [$state] = askedWorld([], ['way' => 'in_order']);
    expect(statusOfAsked($state))->toBe(['marek-dobry' => 'new']);
    [$state] = askedWorld([saysOf('marek-dobry', 'yes')], ['way' => 'in_order']);
    expect(statusOfAsked($state))->toBe(['marek-dobry' => 'done', 'hanneke-de-wit' => 'new']);
    expect($state->caseNow('horn')->stage())->toBe('approval');
});

it('is over without an answer when its time has come, and the clock is looked at', function (): void {
    // Sixteen hours of a house that works from nine to five, from ten past ten on a Monday: Wednesday, ten past ten.
    $tick = static fn(string $at): array => ['kind' => 'tick', 'at' => $at];
    [$state] = askedWorld([$tick('2026-03-04T10:09:00Z')]);
    expect($state->approvals('horn')['Estimate']->isSettled())->toBeFalse();
    [$state] = askedWorld([$tick('2026-03-04T10:10:00Z')]);
    expect($state->approvals('horn')['Estimate']->outcome?->value)->toBe('no_answer');
    expect([statusOfAsked($state), $state->caseNow('horn')->tags])->toBe([
        ['marek-dobry' => 'dropped', 'hanneke-de-wit' => 'dropped'],
        ['heard'],
    ]);
});

it('tells once that there were too few from the beginning', function (): void {
    $tick = ['kind' => 'tick'];
    [$state, $told] = askedWorld([$tick, $tick], ['people' => ['kind' => 'people', 'people' => ['greta-solheim']]]);
    expect($state->approvals('horn')['Estimate']->outcome?->value)->toBe('nobody');
    expect(array_column($told, 'event'))->toBe(['x0:approval-1']);
    expect($state->caseNow('horn')->tags)->toBe(['heard']);
});

it('is withdrawn where its case is closed, and nobody hears of an outcome', function (): void {
    $closes = ['kind' => 'case_closes', 'case' => 'horn', 'outcome' => 'collected', 'open' => 'keep'];
    [$state] = askedWorld([$closes, ['kind' => 'tick']]);
    expect($state->approvals('horn')['Estimate']->outcome?->value)->toBe('withdrawn');
    expect([statusOfAsked($state), $state->caseNow('horn')->tags])->toBe([
        ['marek-dobry' => 'dropped', 'hanneke-de-wit' => 'dropped'],
        [],
    ]);
});

it('refuses an answer that says too little or too much', function (array $more, string $where): void {
    expect(static fn() => askedWorld([$more + saysOf('marek-dobry', 'yes')]))->toThrow(DocumentError::class, $where);
})->with([
    'a no without a reason' => [['answer' => 'no'], 'A no has a reason.'],
    'who should, with a yes' => [['to' => 'hanneke-de-wit'], '/events/5/to'],
    'nobody of the house' => [['by' => 'nobody'], '/events/5/by'],
    'of nothing that is there' => [['of' => 'gone'], '/events/5/of'],
]);
