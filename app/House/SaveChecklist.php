<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Database\Slug;
use App\Models\Tasks\Checklist;
use App\Refusals\NameTaken;

/** Makes a checklist, or changes one: tasks that have its items already keep theirs. */
final class SaveChecklist
{
    /** @param non-empty-list<string> $items */
    public function __invoke(?Checklist $checklist, string $name, array $items, Actor $by): Checklist
    {
        return ChangeHouse::run(
            $checklist === null ? 'checklist_made' : 'checklist_changed',
            ($checklist === null ? 'made' : 'changed') . " the checklist {$name}",
            $by,
            static function () use ($checklist, $name, $items): Checklist {
                if ($checklist === null) {
                    Checklist::query()->where('name', $name)->doesntExist() || throw NameTaken::byAnother();

                    return Checklist::query()->create([
                        'slug' => Slug::free($name, new Checklist()),
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
