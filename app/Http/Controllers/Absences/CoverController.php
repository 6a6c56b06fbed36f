<?php

declare(strict_types=1);

namespace App\Http\Controllers\Absences;

use App\Absences\ChangeAbsence;
use App\Absences\HandOverAbsence;
use App\Absences\SetCover;
use App\Http\Pages\Absences\CoverPage;
use App\Http\Requests\Absences\AbsenceRequest;
use App\Http\Requests\Absences\WhatIfRequest;
use App\Http\Viewer;
use App\Models\Absences\Absence;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** What becomes of the work of somebody who is away. */
final class CoverController
{
    public function __construct(private readonly Words $words) {}

    public function show(Absence $absence, CoverPage $page): Response
    {
        Gate::authorize('plan', $absence);

        return Inertia::render('Absences/Cover', $page->ofAbsence($absence));
    }

    /** Of an absence that nobody has asked for. */
    public function whatIf(WhatIfRequest $request, CoverPage $page): Response
    {
        return Inertia::render('Absences/Cover', $page->whatIf($request));
    }

    public function change(
        Absence $absence,
        AbsenceRequest $request,
        Viewer $viewer,
        ChangeAbsence $change,
    ): RedirectResponse {
        Gate::authorize('change', $absence);
        abort_unless($request->person()->id === $absence->person_id, 422);
        $change($absence, $request->terms(), $viewer->actor());

        return back()->with(
            'done',
            $this->words->say('said.absence_changed', ['person' => (string) $absence->person?->name]),
        );
    }

    /** One line by hand: "to" is a person, "" where it stays; "auto" leaves it to the policy again. */
    public function set(Absence $absence, Request $request, Viewer $viewer, SetCover $set): RedirectResponse
    {
        Gate::authorize('decide', $absence);
        $request->validate([
            'task' => ['required', 'string', 'exists:tasks,id'],
            'auto' => ['boolean'],
            'to' => ['nullable', 'string', 'exists:people,slug', 'not_in:' . (string) $absence->person?->slug],
        ]);
        $to = $request->filled('to')
            ? Person::query()
                ->where('slug', $request->string('to')->toString())
                ->firstOrFail()
            : null;
        $set(
            $absence,
            Task::query()->findOrFail($request->string('task')->toString()),
            !$request->boolean('auto'),
            $to,
            $viewer->actor(),
        );

        return back();
    }

    public function handOver(Absence $absence, Viewer $viewer, HandOverAbsence $handOver): RedirectResponse
    {
        Gate::authorize('decide', $absence);
        $count = $handOver($absence, $viewer->actor());

        return back()->with(
            'done',
            $this->words->say('said.handed_over', ['person' => (string) $absence->person?->name, 'count' => $count]),
        );
    }
}
