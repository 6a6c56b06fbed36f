<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Access\Actor;
use App\Models\Absences\Absence;
use App\Models\Absences\StandInEvent;
use App\Models\House\CustomField;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Checklist;
use App\Models\Tasks\TaskKind;
use App\People\ImportRoster;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Node;

/** Alder & Quill before any work comes in. */
final readonly class DemoHouse
{
    public function __construct(private ImportRoster $importRoster) {}

    public function found(CarbonImmutable $today): void
    {
        House::query()->create([
            'name' => 'Alder & Quill',
            'zone' => 'Europe/Dublin',
            'hours' => [],
            'holidays' => [],
            'exceptions' => [],
            'customer_tiers' => DemoTrade::TIERS,
            'place_levels' => DemoTrade::LEVELS,
            'answering_level' => 'district',
            'set_up_at' => $today,
        ]);
        ($this->importRoster)(Node::root(DemoRoster::document($today)), false, Actor::system('demo'));
        $position = 0;
        foreach (DemoTrade::KINDS as $slug => [$name, $minutes]) {
            TaskKind::query()->create([
                'slug' => $slug,
                'name' => $name,
                'usual_minutes' => $minutes,
                'position' => $position++,
                'form_label' => DemoTrade::ON_THE_FORM[$slug] ?? null,
                'form_facts' => $slug === 'rush-repair' ? ['task.rush' => true] : null,
                'asks' => array_map(
                    static fn(string $field): array => ['path' => "task.{$field}", 'required' => false],
                    DemoTrade::ASKS[$slug],
                ),
            ]);
        }
        TaskKind::ofApprovals();
        foreach (DemoTrade::CHECKLISTS as $slug => [$name, $items]) {
            Checklist::query()->create(['slug' => $slug, 'name' => $name, 'items' => $items]);
        }
        foreach (
            [
                ['task.family', 'Instrument family', 'one_of', DemoTrade::FAMILIES, 'Family of the instrument'],
                ['task.instrument', 'Instrument', 'text', null, 'Instrument'],
                ['task.value', 'Value of the instrument', 'money', null, 'Its value'],
                ['task.rush', 'Rush', 'yes_no', null],
                [
                    'task.language',
                    'Language',
                    'one_of',
                    ['english' => 'English', 'irish' => 'Irish', 'finnish' => 'Finnish', 'french' => 'French'],
                    'Language you would like',
                ],
                ['task.repaired_by', 'Repaired by', 'person', null],
                ['task.needed', 'Needed on', 'date', null],
                ['task.cost', 'Estimated cost', 'money', null],
                ['customer.hire_ends', 'End of the hire', 'date', null],
                ...DemoTracks::FIELDS,
            ]
            as $place => $field
        ) {
            [$path, $label, $type, $options] = $field;
            CustomField::query()->create([
                'path' => $path,
                'label' => $label,
                'type' => $type,
                'options' => $options,
                'position' => $place,
                'form_label' => $field[4] ?? null,
            ]);
        }
    }

    /** Somebody who stands in for some work only, and what the personnel office knows of the coming weeks. */
    public static function covers(CarbonImmutable $today): void
    {
        $id = static fn(string $slug): string => Person::query()->where('slug', $slug)->sole()->id;
        Absence::query()
            ->where('slug', 'leo-later')
            ->sole()
            ->syncSubstitutes(
                [$id('winnie-achieng'), $id('tobias-lindqvist')],
                [
                    $id('winnie-achieng') => [
                        'all' => [
                            [
                                'field' => 'task.kind',
                                'op' => 'one_of',
                                'value' => ['bench-repair', 'rush-repair', 'rework'],
                            ],
                        ],
                    ],
                ],
            );
        $monday = $today->startOfWeek();
        StandInEvent::query()->create([
            'name' => 'Dilnoza Karimova',
            'first_day' => $monday->addDays(21)->format('Y-m-d'),
            'last_day' => $monday->addDays(25)->format('Y-m-d'),
        ]);
    }
}
