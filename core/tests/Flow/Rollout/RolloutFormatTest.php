<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RolloutFormat;
use OpenBaton\Core\Flow\Rollout\WantedRollout;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\RunStory;

/** @param array<string, mixed> $more */
function readsRollout(array $more = []): WantedRollout
{
    return (new RolloutFormat(Build::context(), RunStory::house(), ['places' => ['responsible', 'deputy']]))->read(
        Node::root(
            $more + [
                'name' => 'Autumn check',
                'tree' => 'places',
                'task_kind' => 'repair',
                'title' => 'Autumn check, ~node.name~',
            ],
        ),
    );
}

it('begins with its first day and is due at the end of its last', function (): void {
    $wanted = readsRollout(['start' => '2026-12-07', 'due' => '2026-12-11', 'hidden' => true, 'branches' => ['north']]);
    expect($wanted->rollout->startAt)->toBe(Build::at('2026-12-07 00:00'));
    expect($wanted->rollout->dueAt)->toBe(Build::at('2026-12-11 17:00'));
    expect([$wanted->rollout->hidden, $wanted->members->branches])->toBe([true, ['north']]);
});

it('says all that is wrong with it at once, and where', function (): void {
    try {
        readsRollout([
            'tree' => 'woods',
            'title' => '~task.title~',
            'task_kind' => 'gone',
            'holder' => 'somebody',
            'start' => 'soon',
            'more' => 1,
        ]);
    } catch (DocumentError $error) {
        expect(array_column($error->faults, 'pointer'))->toBe([
            '/more',
            '/tree',
            '/start',
            '/task_kind',
            '/title',
            '/holder',
        ]);
    }
    expect(static fn() => readsRollout(['start' => '2026-12-11', 'due' => '2026-12-07']))->toThrow(
        DocumentError::class,
    );
});
