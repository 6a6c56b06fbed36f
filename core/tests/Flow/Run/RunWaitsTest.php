<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Flow\Run\Date\AfterOpening;
use OpenBaton\Core\Flow\Run\Date\AfterStart;
use OpenBaton\Core\Flow\Run\Date\AfterStep;
use OpenBaton\Core\Flow\Run\Date\ByField;
use OpenBaton\Core\Flow\Run\Date\StepDate;
use OpenBaton\Core\Flow\Run\RunEngine;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step\TaskStep;
use OpenBaton\Core\Flow\Run\Step\WaitFor;
use OpenBaton\Core\Flow\Run\Step\WaitHolds;
use OpenBaton\Core\Flow\Run\Step\Waits;
use OpenBaton\Core\Flow\Run\Step\WaitUntil;
use OpenBaton\Core\Flow\Run\StepEnd;
use OpenBaton\Core\Flow\Run\StepWhy;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\RunStory;
use OpenBaton\Core\Tests\Support\Sheets;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\WorkingSpan;
use OpenBaton\Core\Workload\Effort;

function waiting(Waits $wait): Runsheet
{
    return Sheets::of(Sheets::inTurn('all', Sheets::step('wait', $wait), Sheets::task('then')));
}

/** The moment for a task whose field has a date. */
function momentWith(string $now, ?string $date): RunMoment
{
    $fields = $date === null ? [] : ['task.fitting_on' => $date];

    return new RunMoment(
        Build::at($now),
        new Facts($fields, Build::calendar()->zone()->dateAt(Build::at($now))),
        Build::calendar(),
        new TaskSubject('t', Build::at('2026-12-01 09:00'), new Effort(60), fields: $fields),
    );
}

it('waits for so much working time of the house', function (): void {
    // Tuesday 16:00, eight hours a day from nine to five: four hours are over on Wednesday at noon.
    $story = new RunStory(waiting(new WaitFor(WorkingSpan::minutes(240))), '2026-12-01 16:00');
    expect($story->steps())->toBe('wait open, then -');
    expect($story->run->wakesAt())->toBe(Build::at('2026-12-02 12:00'));
    expect($story->look('2026-12-02 11:59')->steps())->toBe('wait open, then -');
    expect($story->look('2026-12-02 12:00')->steps())->toBe('wait done, then open');
    expect($story->run->wakesAt())->toBeNull();
    expect($story->acts)->toBe(['+then']);
});

it('waits until criteria hold, and goes on at its latest moment, which it says', function (): void {
    $sheet = waiting(new WaitHolds(Sheets::if('signed'), WorkingSpan::days(2)));
    $story = new RunStory($sheet, '2026-12-01 10:00');
    expect($story->turn(signed: true)->look()->steps())->toBe('wait done, then open');
    expect($story->run->of('wait')->why)->toBeNull();

    $late = new RunStory($sheet, '2026-12-01 10:00');
    expect($late->run->wakesAt())->toBe(Build::at('2026-12-03 17:00'));
    expect($late->look('2026-12-03 17:00')->steps())->toBe('wait done, then open');
    expect($late->run->of('wait')->why)->toBe(StepWhy::Latest);
});

it('waits until a distance from a date, and follows it when it moves', function (): void {
    $engine = new RunEngine(waiting(new WaitUntil('task.fitting_on', Offset::parse('-1 working_days'))));
    $run = $engine->begin(momentWith('2026-12-01 10:00', null))->run;
    expect($run->wakesAt())->toBeNull();
    // The fitting is on Monday the 14th: until the end of work on Friday the 11th.
    $run = $engine->look($run, momentWith('2026-12-01 10:00', '2026-12-14'))->run;
    expect($run->wakesAt())->toBe(Build::at('2026-12-11 17:00'));
    $run = $engine->look($run, momentWith('2026-12-11 17:00', '2026-12-16'))->run;
    expect($run->wakesAt())->toBe(Build::at('2026-12-15 17:00'));
    $run = $engine->look($run, momentWith('2026-12-15 17:00', '2026-12-16'))->run;
    expect($run->of('wait')->settledAt)->toBe(Build::at('2026-12-15 17:00'));
    expect($run->of('then')->reachedAt)->toBe(Build::at('2026-12-15 17:00'));
});

it('has dates from the start of the run, the opening of the step, the end of another, or a field', function (): void {
    $engine = new RunEngine(Sheets::of(Sheets::inTurn('all', Sheets::task('a'), Sheets::task('b'))));
    $run = $engine->begin(momentWith('2026-12-01 10:00', '2026-12-14'))->run;
    $at = static fn(StepDate $date): ?int => $date->instant('b', $run, momentWith('2026-12-02 10:00', '2026-12-14'));
    expect($at(new AfterStart(WorkingSpan::minutes(60))))->toBe(Build::at('2026-12-01 11:00'));
    expect($at(new AfterOpening(WorkingSpan::minutes(60))))->toBeNull();
    expect($at(new AfterStep('a', WorkingSpan::days(1))))->toBeNull();
    expect($at(new ByField('task.fitting_on', Offset::parse('-3 days'))))->toBe(Build::at('2026-12-11 17:00'));

    $run = $engine->end($run, 'a', 1, StepEnd::Done, momentWith('2026-12-02 10:00', null))->run;
    $at = static fn(StepDate $date): ?int => $date->instant('b', $run, momentWith('2026-12-02 10:00', null));
    expect($at(new AfterOpening(WorkingSpan::minutes(60))))->toBe(Build::at('2026-12-02 11:00'));
    expect($at(new AfterStep('a', WorkingSpan::days(1))))->toBe(Build::at('2026-12-03 17:00'));
    expect($at(new ByField('task.fitting_on', Offset::parse('-3 days'))))->toBeNull();
});

it('refuses dates that hang on each other, or on what is not there', function (array $hangs, string $message): void {
    $step = static fn(string $key, ?string $on) => Sheets::step(
        $key,
        new TaskStep(
            'repair',
            MergedText::parse('x'),
            due: $on === null ? null : new AfterStep($on, WorkingSpan::days(1)),
        ),
    );
    expect(
        static fn() => Sheets::of(Sheets::inTurn('all', ...array_map($step, array_keys($hangs), array_values($hangs)))),
    )->toThrow(Refusal::class, $message);
})->with([
    'itself' => [['a' => 'a'], 'The dates of these steps hang on each other: A.'],
    'in a circle' => [
        ['a' => 'b', 'b' => 'c', 'c' => 'a', 'd' => null],
        'The dates of these steps hang on each other: A, B, C.',
    ],
    'on nothing' => [['a' => 'z'], '"A" names the step "z", which is not there.'],
    'on a block' => [['a' => 'all'], '"A" names the step "all", which is not there.'],
]);
