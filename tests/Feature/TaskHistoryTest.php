<?php

declare(strict_types=1);

use App\Access\Speaker;
use App\Http\Pages\Tasks\HistoryWindow;
use App\Tasks\CommentOn;
use Tests\Support\Clock;
use Tests\Support\House;

it('gives what happened to a task by pages, nothing twice and nothing left out', function (): void {
    Clock::set('2026-03-02T09:00:00Z');
    House::open();
    $task = House::arrive();
    $hanneke = Speaker::user(House::user('hanneke'));
    for ($said = 1; $said <= 2 * HistoryWindow::MOST + 7; ++$said) {
        Clock::set(gmdate('Y-m-d\TH:i:s\Z', 1_772_445_600 + 60 * intdiv($said, 3)));
        app(CommentOn::class)($task->refresh(), "No {$said}", [], $hanneke);
    }
    $this->actingAs(House::user('hanneke'));
    $page = $this->get("/tasks/{$task->id}")->viewData('page')['props']['task'];
    $found = array_filter(array_column($page['history'], 'comment'));
    expect(count($found))
        ->toBeGreaterThanOrEqual(HistoryWindow::MOST)
        ->toBeLessThan(HistoryWindow::MOST + 3);
    for ($earlier = $page['earlier']; $earlier !== null; $earlier = $next['earlier']) {
        $next = $this->getJson("/tasks/{$task->id}/history?before={$earlier}")
            ->assertOk()
            ->json();
        $found = [...array_filter(array_column($next['entries'], 'comment')), ...$found];
    }
    expect(array_values($found))->toBe(
        array_map(static fn(int $said): string => "No {$said}", range(1, 2 * HistoryWindow::MOST + 7)),
    );
    expect($next['entries'][0]['what'])->toBe('arrived');
    $this->getJson("/tasks/{$task->id}/history?before=long-ago")->assertStatus(422);
    $this->getJson("/tasks/{$task->id}/history")->assertStatus(422);
    $this->actingAs(House::user('femi'))
        ->getJson("/tasks/{$task->id}/history?before={$page['earlier']}")
        ->assertForbidden();
});
