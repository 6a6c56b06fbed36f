<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\TaskStatus;

it('lets nothing that comes back from review wait for somebody who is away', function (): void {
    $of = static fn(string $holder): TaskSubject => Story::task()
        ->heldBy($holder)
        ->inStatus(TaskStatus::InReview)
        ->reviewedBy('ayumi');
    $there = Story::run([], Story::change($of('femi'), $of('femi')->inStatus(TaskStatus::Working)));
    $away = Story::run([], Story::change($of('callum'), $of('callum')->inStatus(TaskStatus::Working)));
    expect($there->subjects['t1']->holderId)->toBe('femi');
    expect([$away->subjects['t1']->holderId, $away->subjects['t1']->covering])->toEqual([
        'tobias',
        new Covering('callum', 'callum-2026-03-02'),
    ]);
    expect(Story::told($away))->toBe(['0 t1 nobody listens', '1 t1 nobody listens']);
});

it('leaves what comes back from review with those who have it together, as long as one of them is there', function (
    array $holders,
    array $expected,
): void {
    $review = Story::task()->heldTogether($holders)->inStatus(TaskStatus::InReview)->reviewedBy('ayumi');
    $chain = Story::run([], Story::change($review, $review->inStatus(TaskStatus::Working)));
    expect($chain->subjects['t1']->holderIds())->toBe($expected);
})->with([
    'Femi is there' => [['callum', 'femi'], ['callum', 'femi']],
    'Callum alone, who is away' => [['callum'], ['tobias']],
]);

it('passes to nobody else what its holder has who is away, other than what comes back from review', function (
    TaskSubject $before,
    TaskSubject $after,
): void {
    $chain = Story::run([], Story::change($before, $after));
    expect([count($chain->links), $chain->subjects['t1']->holderId])->toBe([1, $after->holderId]);
})->with([
    'marked in work' => [($held = Story::task()->heldBy('callum')), $held->tagged('x')],
    'approved' => [
        ($review = $held->inStatus(TaskStatus::InReview)->reviewedBy('ayumi')),
        $review->inStatus(TaskStatus::Done),
    ],
    'dropped in review' => [$review, $review->inStatus(TaskStatus::Dropped)],
    'sent back to nobody' => [$review->heldBy(null), $review->heldBy(null)->inStatus(TaskStatus::Working)],
]);
