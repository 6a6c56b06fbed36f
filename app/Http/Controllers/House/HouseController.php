<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Customers\SaveCustomerWords;
use App\Fields\Choices;
use App\Fields\FieldProviders;
use App\House\SaveChecklist;
use App\House\SaveField;
use App\House\SaveKind;
use App\Http\Pages\Customers\CustomerWords;
use App\Http\Pages\House\KindLines;
use App\Http\Pages\House\WebFormSetUp;
use App\Http\Requests\House\ChecklistRequest;
use App\Http\Requests\House\FieldRequest;
use App\Http\Requests\House\KindRequest;
use App\Http\Viewer;
use App\Models\House\CustomField;
use App\Models\House\House;
use App\Models\Tasks\Checklist;
use App\Models\Tasks\TaskKind;
use App\Tasks\EditableFields;
use App\Tasks\OpenTasks;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Workload\TaskStatus;

/** What the house is made of: its fields, kinds of task and checklists. */
final class HouseController
{
    public function show(Viewer $viewer, Words $words): Response
    {
        Gate::authorize('shape', House::class);
        $house = static fn(): House => once(static fn(): House => House::query()->firstOrFail());

        return Inertia::render('House/House', [
            'fields' => static fn(): array => array_values(
                CustomField::query()->orderBy('position')->get()->map(self::field(...))->all(),
            ),
            'kinds' => static fn(): array => KindLines::all($viewer),
            'checklists' => static fn(): array => array_values(
                Checklist::query()
                    ->orderBy('position')
                    ->get()
                    ->map(
                        static fn(Checklist $list): array => [
                            'id' => $list->id,
                            'slug' => $list->slug,
                            'name' => $list->name,
                            'items' => $list->items,
                        ],
                    )
                    ->all(),
            ),
            'levels' => static fn(): array => Choices::of($house()->levels()),
            'answering' => static fn(): ?string => $house()->answering_level,
            'tiers' => static fn(): array => Choices::of($house()->tiers()),
            'form' => fn(): array => (new WebFormSetUp($words))->of($house()),
            'customerWords' => static fn(): array => (new CustomerWords($words))->all($house()),
            'tasksAreOpen' => static fn(): bool => $viewer->snapshot()->tasksAreOpen,
            'entries' => static fn(): array => array_values(
                array_filter(
                    (new EditableFields($viewer->snapshot(), $words, app(FieldProviders::class)))->all(),
                    static fn(array $field): bool => in_array($field['path'], $viewer->snapshot()->customFields, true),
                ),
            ),
            'people' => static fn(): array => Choices::people($viewer->snapshot()->roster),
        ]);
    }

    /** Whether everybody sees every task. */
    public function sight(Request $request, Viewer $viewer, OpenTasks $open): RedirectResponse
    {
        Gate::authorize('shape', House::class);
        $request->validate(['open' => ['required', 'boolean']]);
        $open($request->boolean('open'), $viewer->actor());

        return back();
    }

    /** What customers read of the status of their request. */
    public function customerWords(Request $request, Viewer $viewer, SaveCustomerWords $save): RedirectResponse
    {
        Gate::authorize('shape', House::class);
        $words = [];
        $rules = array_fill_keys(
            array_map(static fn(TaskStatus $one): string => "words.{$one->value}", TaskStatus::cases()),
            ['nullable', 'string', 'max:' . TextLimits::NAME],
        );
        $request->validate(
            ['words' => ['present', 'array:' . implode(',', array_column(TaskStatus::cases(), 'value'))]] + $rules,
        );
        foreach ((array) $request->input('words') as $status => $text) {
            if (is_string($text) && trim($text) !== '') {
                $words[(string) $status] = trim($text);
            }
        }
        $save($words, $viewer->actor());

        return back();
    }

    public function defineField(FieldRequest $request, Viewer $viewer, SaveField $save): RedirectResponse
    {
        $save->define(
            $request->of(),
            $request->label(),
            $request->type(),
            $request->options(),
            $viewer->actor(),
            $request->boolean('asked'),
        );

        return back();
    }

    public function changeField(
        CustomField $field,
        FieldRequest $request,
        Viewer $viewer,
        SaveField $save,
    ): RedirectResponse {
        $save->change($field, $request->label(), $request->options(), $viewer->actor());

        return back();
    }

    public function retireField(CustomField $field, Request $request, Viewer $viewer, SaveField $save): RedirectResponse
    {
        Gate::authorize('shape', House::class);
        $save->retire($field, $request->boolean('retired'), $viewer->actor());

        return back();
    }

    public function moveField(CustomField $field, Request $request, Viewer $viewer, SaveField $save): RedirectResponse
    {
        Gate::authorize('shape', House::class);
        $save->move($field, $request->integer('places'), $viewer->actor());

        return back();
    }

    /** @param TaskKind|null $kind null: a new one */
    public function saveKind(
        KindRequest $request,
        Viewer $viewer,
        SaveKind $save,
        ?TaskKind $kind = null,
    ): RedirectResponse {
        $save(
            $kind,
            $request->name(),
            $request->integer('minutes'),
            $request->defaults(),
            $request->asks(),
            $request->completion(),
            $viewer->actor(),
        );

        return back();
    }

    /** @param Checklist|null $checklist null: a new one */
    public function saveChecklist(
        ChecklistRequest $request,
        Viewer $viewer,
        SaveChecklist $save,
        ?Checklist $checklist = null,
    ): RedirectResponse {
        $save($checklist, $request->name(), $request->items(), $viewer->actor());

        return back();
    }

    /** @return array<string, mixed> */
    private static function field(CustomField $field): array
    {
        /** @var array<array-key, string> $options */
        $options = (array) $field->options;

        return [
            'id' => $field->id,
            'path' => $field->path,
            'label' => $field->label,
            'type' => $field->type,
            'options' => Choices::of(array_diff_key($options, array_flip($field->retiredOptions()))),
            'retiredOptions' => Choices::of(array_intersect_key($options, array_flip($field->retiredOptions()))),
            'retired' => $field->retired_at !== null,
        ];
    }
}
