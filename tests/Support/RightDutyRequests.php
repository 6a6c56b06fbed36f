<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Duties\Duty;
use App\Models\Tasks\Task;
use Illuminate\Routing\Route;

/** Requests about standing duties and runsheets that are right. */
final class RightDutyRequests
{
    public static function id(Route $route, string $name): ?string
    {
        return match (true) {
            $name === 'run' && str_starts_with($route->uri(), 'runs/') => Runsheets::ofNothing()->id,
            $name === 'number' && str_starts_with($route->uri(), 'runsheets/') => '1',
            $name === 'rollout' => Rollouts::begun()->id,
            $name === 'runsheet' => Runsheets::ofNothing()->runsheet?->slug,
            default => null,
        };
    }

    /** @return array<string, mixed>|null */
    public static function body(Route $route): ?array
    {
        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'POST duties/preview' => Duties::document(),
            'PUT duties' => ['revision' => 0, 'document' => Duties::document(['id' => 'oil', 'name' => 'Oil'])],
            'POST duties/{duty}/end' => ['revision' => Duty::query()->sole()->revision],
            'POST rollouts', 'POST rollouts/preview' => Rollouts::document(),
            'POST rollouts/{rollout}/deed' => ['deed' => 'remind'],
            'POST runsheets', 'POST runsheets/preview' => Runsheets::largeRepair(),
            'PUT runsheets' => ['revision' => 0, 'document' => Runsheets::largeRepair()],
            'POST runsheets/try' => [
                'document' => Runsheets::largeRepair(),
                'deeds' => [['kind' => 'done', 'step' => 'diagnosis'], ['kind' => 'later', 'minutes' => 60]],
                'holds' => ['insurer' => false],
            ],
            'POST runsheets/{runsheet}/publish' => ['revision' => Runsheets::drafted()->revision],
            'POST runsheets/{runsheet}/discard' => ['revision' => Runsheets::drafted()->revision],
            'POST runs/many' => [
                'runsheet' => Runsheets::publish(Runsheets::largeRepair())->slug,
                'ids' => [Task::query()->firstOrFail()->id],
            ],
            'POST runs' => ['runsheet' => Runsheets::ofNothing()->runsheet?->slug],
            'POST tasks/{task}/runs', 'POST api/v1/tasks/{task}/runs' => [
                'runsheet' => Runsheets::publish(Runsheets::largeRepair())->slug,
            ],
            'POST cases/{case}/runs', 'POST api/v1/cases/{case}/runs' => ['runsheet' => Runsheets::ofCases()->slug],
            'POST runs/{run}/move' => Runsheets::behind(),
            'POST runs/{run}/deed' => [
                'revision' => Runsheets::ofNothing()->revision,
                'deed' => 'again',
                'step' => 'tour',
            ],
            default => null,
        };
    }
}
