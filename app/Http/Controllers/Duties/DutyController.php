<?php

declare(strict_types=1);

namespace App\Http\Controllers\Duties;

use App\Documents\RulebookFile;
use App\Duties\DutyCalendar;
use App\Duties\EndDuty;
use App\Duties\SaveDuty;
use App\Http\Pages\Duties\DutiesPage;
use App\Http\Pages\Duties\DutyEditorPage;
use App\Http\Pages\Duties\DutyPreview;
use App\Http\Requests\House\WrittenRequest;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\Duties\Duty;
use App\Models\House\House;
use App\Models\Tasks\Task;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\Node;

/** Standing duties, as leads see and write them. */
final class DutyController
{
    public function index(Request $request, DutiesPage $page): Response
    {
        Gate::authorize('shape', House::class);
        $request->validate(['page' => [new Whole(1, 100_000)]]);

        return Inertia::render('Duties/Duties', $page->props($request->integer('page', 1)));
    }

    /** A new one, or one that makes a task like one that is there. */
    public function create(Request $request, DutyEditorPage $page): Response
    {
        Gate::authorize('shape', House::class);
        $request->validate(['task' => ['string', 'max:26']]);
        $of = $request->filled('task')
            ? Task::query()
                ->with(['kind', 'customer'])
                ->find($request->string('task')->toString())
            : null;

        return Inertia::render('Duties/DutyEditor', $page->props(null, $of));
    }

    public function edit(Duty $duty, DutyEditorPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('Duties/DutyEditor', $page->props($duty));
    }

    /** When it would come, or what stands against it. Nothing is kept. */
    public function preview(Request $request, DutyPreview $preview): JsonResponse
    {
        Gate::authorize('shape', House::class);

        return new JsonResponse($preview->of(Node::parse((string) $request->getContent())));
    }

    public function save(WrittenRequest $request, SaveDuty $save, Viewer $viewer): JsonResponse
    {
        $duty = $save($request->document(), $request->seen(), $viewer->actor());

        return new JsonResponse(['duty' => $duty->slug, 'revision' => $duty->revision]);
    }

    public function end(Duty $duty, Request $request, EndDuty $end, Viewer $viewer): JsonResponse
    {
        Gate::authorize('shape', House::class);
        $request->validate(['revision' => ['required', new Whole(0)]]);
        $end($duty, $request->integer('revision'), $viewer->actor());

        return new JsonResponse(['ended' => true]);
    }

    /** The next dates of all of them, for programs that show calendars. */
    public function calendar(Viewer $viewer): HttpResponse
    {
        Gate::authorize('shape', House::class);

        return new HttpResponse(
            (new DutyCalendar($viewer->snapshot()))->write(Duty::query()->orderBy('slug')->lazy()),
            200,
            [
                'Content-Type' => 'text/calendar; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="duties.ics"',
            ],
        );
    }

    public function export(Duty $duty): HttpResponse
    {
        Gate::authorize('shape', House::class);

        return new HttpResponse(RulebookFile::json($duty->document ?? []), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$duty->slug}.duty.json\"",
        ]);
    }
}
