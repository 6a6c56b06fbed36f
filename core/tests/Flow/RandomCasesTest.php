<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Stay;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CaseStory;
use Random\Engine\Mt19937;
use Random\Randomizer;

const STAGES = ['enquiry', 'quote', 'fitting', 'on-hire', 'term-end', 'returned'];
const FIELDS = ['case.fitting_on', 'case.terms_signed', 'case.term_ends'];

/** @return list<array<string, mixed>> gates, each closed until a field is filled or what is needed is done */
function randomGates(Randomizer $random): array
{
    $gates = [];
    foreach (FIELDS as $field) {
        if ($random->getInt(0, 4) === 0) {
            $gates[] = ['kind' => 'field_filled', 'field' => $field];
        }
    }

    return $random->getInt(0, 3) === 0 ? [...$gates, ['kind' => 'needed_work_done']] : $gates;
}

/** @return array<string, mixed> something that somebody does with the case or a task in it */
function randomDeed(Randomizer $random, int $number, int $at): array
{
    $pick = static fn(array $of): string => $of[$random->getInt(0, count($of) - 1)];
    $may = $random->getInt(0, 1) === 1 ? ['may_pass' => true, 'reason' => 'It is agreed.'] : [];

    return ['at' => gmdate('Y-m-d\TH:i:s\Z', $at)] +
        match ($random->getInt(0, 7)) {
            0, 1 => ['kind' => 'case_moves', 'to' => $pick(STAGES)] + $may,
            2 => [
                'kind' => 'case_changes',
                'set' => ['facts' => [$pick(FIELDS) => $random->getInt(0, 2) === 0 ? null : '2026-06-26']],
            ],
            3 => ['kind' => 'case_closes', 'outcome' => 'declined', 'open' => $pick(['drop', 'keep'])] + $may,
            4 => ['kind' => 'case_reopens', 'stage' => $pick(STAGES)],
            5 => [
                'kind' => 'task_arrives',
                'task' => [
                    'id' => "t{$number}",
                    'case' => 'c1',
                    'needed' => $random->getInt(0, 1) === 1,
                    'facts' => ['task.kind' => 'fitting'],
                ],
            ],
            6 => ['kind' => 'case_changes', 'set' => ['tags_on' => [$pick(STAGES)]]],
            default => [
                'kind' => 'task_changes',
                'task' => 't0',
                'set' => ['status' => $pick(['working', 'done', 'new'])],
            ],
        };
}

/** @return list<array<string, mixed>> rules that move the case, or close it, when a tag is put on */
function randomRules(Randomizer $random): array
{
    $rules = [];
    foreach (STAGES as $stage) {
        $to = STAGES[$random->getInt(0, count(STAGES) - 1)];
        $rules[] = [
            'when' => [['kind' => 'tag_on', 'tags' => [$stage], 'of' => 'case']],
            'then' => [
                $random->getInt(0, 4) === 0
                    ? ['kind' => 'close_case', 'outcome' => 'hire.returned', 'open' => 'drop']
                    : ['kind' => 'move_stage', 'stage' => "hire.{$to}"],
            ],
        ];
    }

    return $rules;
}

it('never stands where a gate was closed without that being said, whoever moves it', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $document = CaseStory::document([], []);
    foreach (array_keys($document['trade']['tracks'][0]['stages']) as $place) {
        $document['trade']['tracks'][0]['stages'][$place]['leave'] = randomGates($random);
        $document['trade']['tracks'][0]['stages'][$place]['enter'] = randomGates($random);
    }
    $rules = randomRules($random);
    $at = Build::at('2026-03-02T10:00:00Z');
    $events = [
        CaseStory::opens(),
        [
            'kind' => 'task_arrives',
            'task' => ['id' => 't0', 'case' => 'c1', 'needed' => true, 'facts' => ['task.kind' => 'fitting']],
        ],
    ];
    $before = null;
    for ($number = 2; $number < 30; ++$number) {
        $events[] = randomDeed($random, $number, $at += $random->getInt(0, 7200));
        $story = new CaseStory($rules, $events, ['trade' => $document['trade']]);
        $case = $story->case();
        $stays = $case->stays->all;
        // Stays follow one another, and together they are its age but for the times when it was closed.
        foreach ($stays as $place => $stay) {
            $next = $stays[$place + 1] ?? null;
            expect($stay->leftAt === null)->toBe($next === null && $case->isOpen());
            expect($next === null || $next->enteredAt >= $stay->leftAt)->toBeTrue();
        }
        $open = array_filter(
            array_map($story->task(...), $story->tasks()),
            static fn($task): bool => $task->caseId === 'c1' && $task->isOpen() && $task->needed,
        );
        $here = array_filter($open, static fn($task): bool => $task->stage === $case->stage());
        expect($case->openNeeded)->toBe(count($here));
        // What was open when it was closed is dropped, or in no case any more.
        $justClosed = !$case->isOpen() && $before !== null && $before['open'];
        expect(!$justClosed || $open === [])->toBeTrue();
        expect(!$justClosed || $before['needed'] === [] || isset(end($events)['reason']))->toBeTrue();
        // What its tasks see of it is what it is.
        foreach ($open as $task) {
            expect($task->fields[CaseFields::STAGE])->toBe($case->stagePath());
        }
        if ($before !== null && count($stays) === count($before['stays']) + 1 && $before['open']) {
            expect(passedRightly($document, $before, $stays[count($stays) - 1]))->toBeTrue();
        }
        $before = [
            'stays' => $stays,
            'open' => $case->isOpen(),
            'fields' => $case->fields,
            'needed' => array_map(static fn($task): ?string => $task->stage, $open),
        ];
    }
})->with(range(1, 40));

/**
 * @param array<array-key, mixed>                                                       $document
 * @param array{stays: list<Stay>, fields: array<string, mixed>, needed: array<?string>} $before
 */
function passedRightly(array $document, array $before, Stay $to): bool
{
    $stages = $document['trade']['tracks'][0]['stages'];
    $from = array_search($before['stays'][count($before['stays']) - 1]->stage, STAGES, true);
    $end = array_search($to->stage, STAGES, true);
    if ($end < $from) {
        return true;
    }
    $closed = false;
    $isClosed = static fn(array $gate, int $place): bool => $gate['kind'] === 'field_filled'
        ? !isset($before['fields'][$gate['field']])
        : in_array(STAGES[$place], $before['needed'], true);
    for ($place = $from; $place <= $end; ++$place) {
        foreach (
            [...$place < $end ? $stages[$place]['leave'] : [], ...$place > $from ? $stages[$place]['enter'] : []]
            as $gate
        ) {
            $closed = $closed || $isClosed($gate, $place);
        }
    }

    return !$closed || ($to->passed !== [] && $to->reason !== null);
}
