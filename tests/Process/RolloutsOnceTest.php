<?php

declare(strict_types=1);

use App\Models\Rollouts\RolloutNode;
use App\Models\Rollouts\RolloutState;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use Illuminate\Support\Facades\Queue;
use Tests\Support\House;
use Tests\Support\Rollouts;

it('makes the task of each node once, whoever makes a rollout at once and whoever is killed', function (): void {
    House::publish(House::roundRule());
    Rollouts::places();
    Rollouts::schools(40);
    Queue::fake();
    $rollout = Rollouts::begin();

    $worker = base_path('tests/Support/make_rollout.php');
    $at = (string) (microtime(true) + 1.5);
    $workers = array_map(fn() => $this->launch($worker, $at, $rollout->id), range(1, 3));
    $this->waitUntil(fn(): bool => RolloutNode::query()->whereNotNull('task_id')->count() > 2);
    $workers[0]->stop(0, SIGKILL);
    foreach ([$workers[1], $workers[2]] as $one) {
        expect($one->wait())->toBe(0, $one->getOutput() . $one->getErrorOutput());
    }
    expect($this->launch($worker, '0', $rollout->id)->wait())->toBe(0);

    expect($rollout->refresh()->state)->toBe(RolloutState::Made);
    $titles = Task::query()->where('source', TaskSource::Rollout)->pluck('title')->all();
    expect(count($titles))
        ->toBe($rollout->leaves()->count())
        ->toBe(count(array_unique($titles)));
    expect($rollout->leaves()->whereNull('task_id')->count())->toBe(0);
});
