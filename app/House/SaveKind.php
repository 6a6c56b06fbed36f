<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Database\Slug;
use App\Models\Tasks\TaskKind;
use App\Refusals\NameTaken;
use OpenBaton\Core\Subject\Completion;

/** Makes a kind of task, with an id from its name, or changes one; its id stays. */
final class SaveKind
{
    /**
     * @param array<array-key, mixed>                          $defaults values that tasks of it begin with, as in
     *     documents, by path
     * @param list<array{path: string, required: bool}>|null $asks     fields of the house that its tasks have, in
     *     their order; null: all
     */
    public function __invoke(
        ?TaskKind $kind,
        string $name,
        int $minutes,
        array $defaults,
        ?array $asks,
        Completion $completion,
        Actor $by,
    ): TaskKind {
        $values = [
            'name' => $name,
            'usual_minutes' => $minutes,
            'defaults' => $defaults,
            'asks' => $asks,
            'to_complete' => $completion->write(),
        ];

        return ChangeHouse::run(
            $kind === null ? 'kind_made' : 'kind_changed',
            ($kind === null ? 'made' : 'changed') . " the kind of task {$name}",
            $by,
            static function () use ($kind, $name, $values): TaskKind {
                if ($kind === null) {
                    TaskKind::query()->where('name', $name)->doesntExist() || throw NameTaken::byAnother();

                    return TaskKind::query()->create(
                        $values + [
                            'slug' => Slug::free($name, new TaskKind()),
                            'position' => TaskKind::query()->count(),
                        ],
                    );
                }
                $kind->update($values);

                return $kind;
            },
        );
    }
}
