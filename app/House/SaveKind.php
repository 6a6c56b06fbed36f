<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Models\Tasks\TaskKind;

/** Makes a kind of task, or changes one; its id stays. */
final class SaveKind
{
    /** @param array<array-key, mixed> $defaults values that tasks of it begin with, as in documents, by path */
    public function __invoke(
        ?TaskKind $kind,
        string $slug,
        string $name,
        int $minutes,
        ?string $guide,
        array $defaults,
        Actor $by,
    ): TaskKind {
        $values = ['name' => $name, 'usual_minutes' => $minutes, 'guide' => $guide, 'defaults' => $defaults];

        return ChangeHouse::run(
            $kind === null ? 'kind_made' : 'kind_changed',
            ($kind === null ? 'made' : 'changed') . " the kind of task {$slug}",
            $by,
            static function () use ($kind, $slug, $values): TaskKind {
                if ($kind === null) {
                    return TaskKind::query()->create(
                        $values + ['slug' => $slug, 'position' => TaskKind::query()->count()],
                    );
                }
                $kind->update($values);

                return $kind;
            },
        );
    }
}
