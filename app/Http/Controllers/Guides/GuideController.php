<?php

declare(strict_types=1);

namespace App\Http\Controllers\Guides;

use App\Access\Actor;
use App\Guides\GuideNotRight;
use App\Guides\MarkRead;
use App\Guides\RetireGuide;
use App\Guides\SaveGuide;
use App\House\ChangeHouse;
use App\Http\Pages\Guides\GuidesPage;
use App\Http\Requests\Guides\GuideRequest;
use App\Http\Requests\Guides\NotRightRequest;
use App\Http\Viewer;
use App\Models\Guides\Guide;
use App\Models\Tasks\TaskKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** How things are done in the house: read by all, written by leads. */
final class GuideController
{
    public function index(Request $request, GuidesPage $page): Response
    {
        Gate::authorize('viewAny', Guide::class);
        $request->validate(['guide' => ['nullable', 'string', 'max:120']]);
        $open = $request->filled('guide')
            ? Guide::query()
                ->where('slug', $request->string('guide')->toString())
                ->firstOrFail()
            : null;

        return Inertia::render('Guides/Guides', $page->props($open));
    }

    public function store(GuideRequest $request, Viewer $viewer, SaveGuide $save): RedirectResponse
    {
        $guide = $save(null, 0, $request->draft(), $viewer->user());

        return redirect("/guides?guide={$guide->slug}");
    }

    public function update(Guide $guide, GuideRequest $request, Viewer $viewer, SaveGuide $save): RedirectResponse
    {
        $save($guide, $request->seen(), $request->draft(), $viewer->user());

        return redirect("/guides?guide={$guide->slug}");
    }

    public function retire(Guide $guide, Request $request, Viewer $viewer, RetireGuide $retire): RedirectResponse
    {
        Gate::authorize('write', Guide::class);
        $request->validate(['retired' => ['required', 'boolean']]);
        $retire($guide, $request->boolean('retired'), Actor::user($viewer->user()));

        return back();
    }

    /** Whoever has it before them. */
    public function read(Guide $guide, Viewer $viewer): JsonResponse
    {
        Gate::authorize('viewAny', Guide::class);
        MarkRead::of($guide, $viewer->user());

        return new JsonResponse(['version' => $guide->version]);
    }

    public function notRight(Guide $guide, NotRightRequest $request, Viewer $viewer, GuideNotRight $say): JsonResponse
    {
        return new JsonResponse(['number' => $say($guide, $request->what(), $request->kind(), $viewer->user())], 201);
    }

    /** Of which kind the tasks are by which authors hear that something is not right. */
    public function kind(Request $request, Viewer $viewer): RedirectResponse
    {
        Gate::authorize('write', Guide::class);
        $request->validate(['kind' => ['nullable', 'string', Rule::exists('task_kinds', 'slug')]]);
        $kind = $request->filled('kind')
            ? TaskKind::query()
                ->where('slug', $request->string('kind')->toString())
                ->firstOrFail()
            : null;
        ChangeHouse::set('guide_kind_set', 'said which tasks put guides right', Actor::user($viewer->user()), [
            'guide_kind_id' => $kind?->id,
        ]);

        return back();
    }
}
