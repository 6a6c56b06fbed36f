<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Absence\CoverReason;
use OpenBaton\Core\Absence\HeldWork;
use OpenBaton\Core\Absence\MarkTouched;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\Situation;
use OpenBaton\Core\Rulebook\FollowUp\Tell;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Subject\Effect\Told;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\PersonWork;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

it('leaves a task with whoever finishes it before an absence, however far away that is', function (
    int $minutes,
    CoverReason $reason,
): void {
    // From Monday the 2nd at nine: ten working days of 480 minutes until Monday the 16th at nine.
    $absence = Build::absence('callum', '2026-03-16 09:00', '2026-03-18 00:00');
    $roster = new Roster(Build::calendar(), [Build::person('callum')], absences: [$absence]);
    $work = new PersonWork([Build::item('t', 'callum', $minutes, '2026-03-17')]);
    $held = HeldWork::of($absence, $roster, $work, Build::at('2026-03-02 09:00'));
    $task = CoverStory::task('t', null)->dueAt(Build::at('2026-03-17'));
    expect($held->reason($task, SeatName::Holder))->toBe($reason);
})->with([
    'on the eighth day' => [3_400, CoverReason::FinishedBefore],
    'at the end of the tenth' => [4_800, CoverReason::FinishedBefore],
    'a minute later' => [4_801, CoverReason::FallsDue],
]);

it('counts a task as done before an absence that begins as it is done', function (): void {
    $absence = Build::absence('callum', '2026-03-02 12:00', '2026-03-03 00:00');
    $roster = new Roster(Build::calendar(), [Build::person('callum')], absences: [$absence]);
    $task = CoverStory::task('t', null)->dueAt(Build::at('2026-03-03 10:00'));
    $reason = static fn(int $minutes): CoverReason => HeldWork::of(
        $absence,
        $roster,
        new PersonWork([Build::item('t', 'callum', $minutes, '2026-03-03 10:00')]),
        Build::at('2026-03-02 10:00'),
    )->reason($task, SeatName::Holder);
    expect([$reason(120), $reason(121)])->toBe([CoverReason::FinishedBefore, CoverReason::FallsDue]);
});

it('takes the fewer of what a rule and a person allow', function (int $rule, ?int $person, int $most): void {
    $roster = new Roster(Build::calendar(), [
        new Person('ayumi', 'Ayumi', Build::calendar(), Capacity::percent(100), openTasksAtMost: $person),
    ]);
    $items = array_map(static fn(int $number) => Build::item("t{$number}", 'ayumi', 10), range(1, 9));
    $decision = Bench::decide(
        [Build::rule('r', new NamedPeople(['ayumi']), new InOrder(), limits: [new OpenTasksAtMost($rule)])],
        work: Work::of($items),
        roster: $roster,
    );
    expect($decision->attempts[0]->steps[2]->excluded[0]->figures)->toBe(['open_tasks' => 9, 'at_most' => $most]);
})->with([[5, 2, 2], [2, 5, 2], [4, null, 4]]);

it('tells nobody nothing', function (array $people, string $text, ?array $told): void {
    $change = Build::event();
    $effect = (new Tell(new NamedPeople($people), MergedText::parse($text)))->effect(
        new Situation($change, $change->after, Bench::house(), new TaskCatalogue()),
    );
    expect($effect instanceof Told ? $effect->write() : null)->toBe($told);
})->with([
    'somebody something' => [['femi'], 'Look at it', ['people' => ['femi'], 'text' => 'Look at it']],
    'nobody something' => [[], 'Look at it', null],
    'somebody nothing' => [['femi'], '', null],
]);

it('marks what a substitute has begun in the seat in which they cover', function (): void {
    $covering = new Covering('callum', 'away');
    $before = CoverStory::task('t', null)->seated(SeatName::Reviewer, 'femi', $covering);
    $after = $before->inStatus(TaskStatus::InReview);
    // The other seat is nobody's; the review is looked at all the same.
    $marked = MarkTouched::of($before, $after, 'femi', true);
    expect($marked->coveringOf(SeatName::Reviewer)?->touchedBy)->toBe(['femi']);
    expect(MarkTouched::of($before, $after, 'ayumi', true)->coveringOf(SeatName::Reviewer)?->touchedBy)->toBe([]);
    // Whoever has only just got it has not begun.
    $elsewhere = $before->seated(SeatName::Reviewer, 'tobias', $covering);
    expect(MarkTouched::of($elsewhere, $after, 'femi', true)->coveringOf(SeatName::Reviewer)?->touchedBy)->toBe([]);
});

it('tells no task from one whose fields were set in another order', function (): void {
    $one = Story::task()->withField('task.rush', true)->withField('task.value', 5.0);
    $other = Story::task()->withField('task.value', 5.0)->withField('task.rush', true);
    expect(array_keys($one->fields))->not->toBe(array_keys($other->fields));
    expect($one->equals($other))->toBeTrue();
    expect($one->equals($other->withField('task.value', 6.0)))->toBeFalse();
});

it('counts as given what somebody else gets, and not what stays where it is', function (
    array $people,
    ?int $last,
): void {
    $rules = [Build::rule('r', new NamedPeople($people), new InOrder(), when: [new TagOn(['hot'])])];
    $task = Story::task();
    $work = Work::of([$task->asWork()], ['femi' => 200, 'ayumi' => 100]);
    $change = Story::change($task, $task->tagged('hot'), $rules);
    $after = Bench::decide($rules, $change, $work)->workAfter($work);
    expect($after->held($people[0])->lastAssignedAt)->toBe($last ?? $change->at);
})->with(['it stays' => [['femi'], 200], 'it goes' => [['ayumi'], null]]);

it('says of a rule that waits for a date of its own that it was not this event', function (): void {
    $on = static fn(string $id, ?array $if): Rule => Build::rule(
        $id,
        null,
        if: $if,
        then: [new AddTag($id)],
        when: [new DateReached('task.due')],
    );
    $rules = [
        $on('late', null),
        $on('later', null),
        $on('late quotes', ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']),
    ];
    $task = Story::task();
    $trigger = new Trigger(DateReached::kind(), 'late', Build::at(Story::NOW));
    $decision = Bench::decide($rules, Story::change($task, $task, $rules, [$trigger]));
    expect(Bench::verdicts($decision))->toBe(['followed_up', 'not_this_event', 'not_this_event']);
});

it('keeps to the bounds of lengths of time and of texts', function (string $family, array $part, bool $right): void {
    $read = static fn() => PartFormat::read(Node::root($part), Family::from($family), Build::context());
    $right ? expect($read())->toBeObject() : expect($read)->toThrow(DocumentError::class);
})->with(
    (static function (): iterable {
        $make = static fn(array $more): array => [
            'follow_up',
            ['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'A quote'] + $more,
        ];
        foreach (['PT0M' => false, 'PT1M' => true, 'PT1000H' => true, 'PT1000H1M' => false] as $estimate => $right) {
            yield "an estimate of {$estimate}" => [...$make(['estimate' => $estimate]), $right];
        }
        foreach ([2_000 => true, 2_001 => false] as $length => $right) {
            yield "details of {$length}" => [...$make(['details' => str_repeat('d', $length)]), $right];
        }
        $strange = ['field' => 'task.rush', 'value' => true, 'colour' => 'red'];
        yield 'a strange member of what is set' => ['follow_up', ['kind' => 'set_field', 'set' => $strange], false];
        $strange = ['field' => 'task.rush', 'how' => 'any', 'colour' => 'red'];
        yield 'one of what changes' => ['event', ['kind' => 'field_changes', 'change' => $strange], false];
        $strange = ['people' => ['ayumi'], 'colour' => 'red'];
        yield 'one of those to whom it goes' => ['event', ['kind' => 'holder_changes', 'to' => $strange], false];
        $schedule = ['kind' => 'schedule', 'from' => '2026-03-02', 'time' => '09:00'];
        yield 'a recurrence' => ['event', ['recurrence' => 'FREQ=DAILY'] + $schedule, true];
        yield 'what is none' => ['event', ['recurrence' => 'FREQ=OFTEN'] + $schedule, false];
    })(),
);
