<?php

declare(strict_types=1);

namespace App\Http\Controllers\Intake;

use App\Explain\ReasonTrail;
use App\Fields\Choices;
use App\Fields\FieldProviders;
use App\Fields\KnownKind;
use App\Http\Viewer;
use App\Intake\CaseOfNewTask;
use App\Intake\PreviewTask;
use App\Intake\TakeInTask;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Tasks\EditableFields;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\Node;

/** A task that somebody makes by hand, with who would get it, and why, before it is made. */
final class NewTaskController
{
    private const CUSTOMERS = 20;

    public function show(Request $request, Viewer $viewer, Words $words): Response
    {
        Gate::authorize('create', Task::class);
        $house = $viewer->snapshot();

        return Inertia::render('Task/NewTask', [
            'kinds' => array_map(
                static fn(KnownKind $kind): array => [
                    'value' => $kind->slug,
                    'label' => $kind->name,
                    'minutes' => $kind->usualMinutes,
                    'defaults' => (object) $kind->defaults,
                    'asks' => $kind->asks === null ? null : array_map(get_object_vars(...), $kind->asks),
                ],
                array_values($house->kinds),
            ),
            'fields' => (new EditableFields($house, $words, app(FieldProviders::class)))->all(),
            'people' => Choices::people($house->roster),
            'own' => $viewer->person() === null ? null : $request->boolean('own'),
            'manyAtOnce' => Gate::allows('bringInTables', House::class),
            'case' => self::case($request, $viewer),
        ]);
    }

    /** @return array<string, mixed>|null the case that it is to belong to, which is theirs to put tasks into */
    private static function case(Request $request, Viewer $viewer): ?array
    {
        $asked = $request->string('case')->toString();
        $case = $asked === '' ? null : CustomerCase::query()->open()->with('customer')->find($asked);

        return $case === null || !$viewer->user()->can('edit', $case)
            ? null
            : [
                'id' => $case->id,
                'number' => (int) $case->number,
                'title' => $case->title,
                'customer' =>
                    $case->customer === null
                        ? null
                        : ['value' => $case->customer->slug, 'label' => $case->customer->name],
            ];
    }

    public function store(Request $request, Viewer $viewer, TakeInTask $takeIn): JsonResponse
    {
        Gate::authorize('create', Task::class);
        $document = Node::parse((string) $request->getContent());
        CaseOfNewTask::check($document, $viewer->user());
        $taken = $takeIn(
            $document,
            TaskSource::ByHand,
            $viewer->user(),
            null,
            $viewer->person()?->slug,
            $request->boolean('own') ? $viewer->person()?->slug : null,
        );

        return new JsonResponse(['id' => $taken->task->id, 'number' => $taken->task->number], 201);
    }

    /** Nothing is changed by it. */
    public function preview(Request $request, Viewer $viewer, PreviewTask $preview): JsonResponse
    {
        Gate::authorize('create', Task::class);

        $document = Node::parse((string) $request->getContent());
        CaseOfNewTask::check($document, $viewer->user());

        return new JsonResponse((new ReasonTrail($viewer->words()))->of($preview($document, $viewer->user())));
    }

    public function customers(Request $request): JsonResponse
    {
        Gate::authorize('create', Task::class);
        $found = Customer::query()
            ->offered()
            ->named(trim($request->string('q')->limit(100, '')->toString()))
            ->with('place.parent')
            ->orderBy('slug')
            ->limit(self::CUSTOMERS)
            ->get(['slug', 'name', 'place_id']);

        return new JsonResponse([
            'found' => $found
                ->map(
                    static fn(Customer $one): array => [
                        'value' => $one->slug,
                        'label' => $one->name,
                        'note' => $one->place?->name === $one->name ? $one->place->parent?->name : $one->place?->name,
                    ],
                )
                ->all(),
        ]);
    }
}
