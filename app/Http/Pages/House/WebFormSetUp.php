<?php

declare(strict_types=1);

namespace App\Http\Pages\House;

use App\Models\Cases\Track;
use App\Models\House\CustomField;
use App\Models\House\House;
use App\Models\Tasks\TaskKind;
use App\Words\Words;

/** What may be on the web form, and what is. Its type is in HousePage.ts. */
final readonly class WebFormSetUp
{
    public function __construct(private Words $words) {}

    /** @return array<string, mixed> how the web form is set up */
    public function of(House $house): array
    {
        return [
            'lead' => $house->form_lead,
            'usualLead' => $this->words->say('web_form.lead'),
            'customers' => $house->form_customers,
            'kinds' => array_values(
                TaskKind::query()
                    ->orderBy('position')
                    ->with('formTrack:id,slug')
                    ->get(['id', 'name', 'form_label', 'form_track_id'])
                    ->map(
                        static fn(TaskKind $one): array => [
                            'id' => $one->id,
                            'label' => $one->name,
                            'onForm' => $one->form_label,
                            'track' => $one->formTrack?->slug,
                        ],
                    )
                    ->all(),
            ),
            'tracks' => array_values(
                Track::query()
                    ->whereNotNull('published_id')
                    ->orderBy('name')
                    ->get(['slug', 'name'])
                    ->map(static fn(Track $one): array => ['value' => $one->slug, 'label' => $one->name])
                    ->all(),
            ),
            'fields' => array_values(
                CustomField::query()
                    ->where('path', 'like', 'task.%')
                    ->whereNull('retired_at')
                    ->orderBy('position')
                    ->get(['id', 'label', 'form_label'])
                    ->map(
                        static fn(CustomField $one): array => [
                            'id' => $one->id,
                            'label' => $one->label,
                            'onForm' => $one->form_label,
                        ],
                    )
                    ->all(),
            ),
        ];
    }
}
