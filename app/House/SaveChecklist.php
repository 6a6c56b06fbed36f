<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Models\Tasks\Checklist;

/** Makes a checklist, or changes one: tasks that have its items already keep theirs. */
final class SaveChecklist
{
    /** @param non-empty-list<string> $items */
    public function __invoke(?Checklist $checklist, string $slug, string $name, array $items, Actor $by): Checklist
    {
        return ChangeHouse::run(
            $checklist === null ? 'checklist_made' : 'checklist_changed',
            ($checklist === null ? 'made' : 'changed') . " the checklist {$slug}",
            $by,
            static function () use ($checklist, $slug, $name, $items): Checklist {
                if ($checklist === null) {
                    return Checklist::query()->create([
                        'slug' => $slug,
                        'name' => $name,
                        'items' => $items,
                        'position' => Checklist::query()->count(),
                    ]);
                }
                $checklist->update(['name' => $name, 'items' => $items]);

                return $checklist;
            },
        );
    }
}
