<?php

declare(strict_types=1);

use OpenBaton\Core\Subject\Standing;
use OpenBaton\Core\Subject\TaskRight;

it('says what each way of standing to a task lets somebody do', function (Standing $standing, array $rights): void {
    expect(
        array_values(array_filter(TaskRight::cases(), static fn(TaskRight $right): bool => $right->isFor([$standing]))),
    )->toBe($rights);
})->with([
    [Standing::Holder, [TaskRight::See, TaskRight::SeeContact, TaskRight::Comment, TaskRight::Edit]],
    [Standing::Claimant, [TaskRight::See, TaskRight::Comment]],
    [Standing::Reviewer, [TaskRight::See, TaskRight::SeeContact, TaskRight::Comment, TaskRight::Edit]],
    [Standing::Creator, [TaskRight::See, TaskRight::SeeContact, TaskRight::Comment, TaskRight::Edit]],
    [Standing::Substitute, [TaskRight::See, TaskRight::SeeContact, TaskRight::Comment]],
    [Standing::Former, [TaskRight::See, TaskRight::Comment]],
    [Standing::Watcher, [TaskRight::See, TaskRight::Comment]],
    [Standing::Teammate, [TaskRight::See, TaskRight::Comment]],
    [Standing::CaseOwner, [TaskRight::See, TaskRight::SeeContact, TaskRight::Comment]],
    [Standing::Lead, [TaskRight::See, TaskRight::SeeContact, TaskRight::Comment, TaskRight::Edit]],
]);

it('is for whoever has any of the standings, and for nobody without', function (): void {
    expect(TaskRight::Edit->isFor([Standing::Watcher, Standing::Creator]))->toBeTrue();
    expect(TaskRight::Edit->isFor([Standing::Watcher, Standing::Former]))->toBeFalse();
    expect(TaskRight::See->isFor([]))->toBeFalse();
});
