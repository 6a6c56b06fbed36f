<?php

declare(strict_types=1);

namespace App\Http\Pages\House;

use App\Fields\Choices;
use App\Http\Viewer;
use App\Models\Access\User;
use App\Models\Customers\Customer;
use App\Models\House\CustomField;
use App\Models\House\House;
use App\Models\People\Place;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\TaskKind;
use App\Rules\ReadyMade;

/** What a house is made of, in the order in which it is set up, and what there is of it. Its type is SetupPage.ts. */
final readonly class SetupPage
{
    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function props(): array
    {
        $house = House::query()->firstOrFail();
        $roster = $this->viewer->snapshot()->roster;
        $published = RulebookVersion::query()->published()->first();
        $rules = RulebookVersion::query()->draft()->first()->rules ?? ($published->rules ?? []);
        $counts = [
            'people' => count($roster->people),
            'teams' => count($roster->teams),
            'hours' => count($house->hours ?? []),
            'places' => Place::query()->count(),
            'customers' => Customer::query()->offered()->count(),
            'kinds' => TaskKind::query()->count(),
            'fields' => CustomField::query()->whereNull('retired_at')->count(),
            'form' => TaskKind::query()->whereNotNull('form_label')->count(),
            'signIns' => User::query()->whereNull('ended_at')->count(),
        ];

        return [
            'house' => (string) $house->name,
            'steps' => [
                // Whoever begins a house is one of its people, with a sign-in.
                ['code' => 'people', 'count' => $counts['people'], 'done' => $counts['people'] > 1],
                ['code' => 'teams', 'count' => $counts['teams'], 'done' => $counts['teams'] > 0],
                ['code' => 'hours', 'count' => $counts['hours'], 'done' => $counts['hours'] > 0],
                ['code' => 'kinds', 'count' => $counts['kinds'], 'done' => $counts['kinds'] > 0],
                ['code' => 'fields', 'count' => $counts['fields'], 'done' => $counts['fields'] > 0],
                ['code' => 'places', 'count' => $counts['places'], 'done' => $counts['places'] > 0],
                ['code' => 'customers', 'count' => $counts['customers'], 'done' => $counts['customers'] > 0],
                ['code' => 'rules', 'count' => count($rules), 'done' => $published !== null],
                ['code' => 'form', 'count' => $counts['form'], 'done' => $counts['form'] > 0],
                ['code' => 'sign_ins', 'count' => $counts['signIns'], 'done' => $counts['signIns'] > 1],
            ],
            'ready' => array_keys(ReadyMade::ASKS),
            'choices' => [
                'team' => Choices::of(array_map(static fn($team): string => $team->name, $roster->teams)),
                'skill' => Choices::of($roster->skills),
                'level' => Choices::of(
                    array_intersect_key($house->levels(), [(string) $house->answering_level => true]),
                ),
            ],
            'kinds' => Choices::of(array_column($this->viewer->snapshot()->kinds, 'name', 'slug')),
            'asks' => ReadyMade::ASKS,
            'setUp' => $house->set_up_at !== null,
        ];
    }
}
