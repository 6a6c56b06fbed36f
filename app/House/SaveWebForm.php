<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Models\Cases\Track;
use App\Models\House\CustomField;
use App\Models\House\House;
use App\Models\Tasks\TaskKind;

/** Sets the web form up: what it offers and asks for, in which words. */
final class SaveWebForm
{
    /**
     * @param array<array-key, string|null> $kinds     words by id; null, and what is not named: not on the form
     * @param array<array-key, string|null> $fields    likewise
     * @param array<array-key, string|null> $tracks    on which cases open, slugs by the ids of kinds
     * @param 'offered'|'typed'|'none'      $customers
     */
    public function __invoke(
        array $kinds,
        array $fields,
        array $tracks,
        string $customers,
        ?string $lead,
        Actor $by,
    ): House {
        return ChangeHouse::run('form_saved', 'set the web form up', $by, static function () use (
            $kinds,
            $fields,
            $tracks,
            $customers,
            $lead,
        ): House {
            $ids = Track::query()->whereNotNull('published_id')->pluck('id', 'slug');
            foreach (TaskKind::query()->get() as $kind) {
                $label = $kinds[$kind->id] ?? null;
                $kind->update([
                    'form_label' => $label,
                    'form_track_id' => $label === null ? null : $ids->get($tracks[$kind->id] ?? ''),
                ]);
            }
            foreach (CustomField::query()->where('path', 'like', 'task.%')->get() as $field) {
                $field->update(['form_label' => $fields[$field->id] ?? null]);
            }
            $house = House::query()->firstOrFail();
            $house->update(['form_customers' => $customers, 'form_lead' => $lead]);

            return $house;
        });
    }
}
