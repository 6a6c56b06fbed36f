<?php

declare(strict_types=1);

namespace App\Http\Controllers\Absences;

use App\Absences\AskAbsence;
use App\Absences\DecideAbsence;
use App\Absences\EndAbsence;
use App\Http\Pages\Absences\AbsencesPage;
use App\Http\Pages\Absences\IllToday;
use App\Http\Requests\Absences\AbsenceRequest;
use App\Http\Requests\Absences\IllRequest;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\Absences\Absence;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\People\Skill;
use App\Models\People\Team;
use App\People\SetMinimum;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\TextLimits;

/** Who is away, who asks to be, and what becomes of it. */
final class AbsenceController
{
    public function __construct(private readonly Words $words) {}

    public function index(AbsencesPage $page): Response
    {
        Gate::authorize('viewAny', Absence::class);

        return Inertia::render('Absences/Absences', $page->props());
    }

    /** How many should be there on each day: "of" is "team:slug" or "skill:slug". */
    public function minimum(Request $request, Viewer $viewer, SetMinimum $set): RedirectResponse
    {
        Gate::authorize('keepRoster', House::class);
        $request->validate(
            ['of' => ['required', 'string', 'regex:/^(team|skill):./'], 'people' => ['nullable', new Whole(1, 500)]],
            ['people.*' => 'Give a number from 1 to 500, or nothing where none is asked for.'],
        );
        [$kind, $slug] = explode(':', $request->string('of')->toString(), 2);
        $of = ($kind === 'team' ? Team::query() : Skill::query())->where('slug', $slug)->firstOrFail();
        $set($of, $request->filled('people') ? $request->integer('people') : null, $viewer->actor());

        return back();
    }

    public function store(AbsenceRequest $request, Viewer $viewer, AskAbsence $ask): RedirectResponse
    {
        $person = $request->person();
        $approved = Gate::allows('enter', Absence::class);
        $ask($person, $request->terms(), $approved, $viewer->actor());

        return back()->with(
            'done',
            $this->words->say($approved ? 'said.absence_entered' : 'said.absence_asked', ['person' => $person->name]),
        );
    }

    /** What it would mean; nothing is changed. */
    public function illPlan(Person $person, IllRequest $request, Viewer $viewer, IllToday $ill): JsonResponse
    {
        return new JsonResponse(
            $ill->of($request->absence(), $viewer->snapshot(), CarbonImmutable::now()->getTimestamp()),
        );
    }

    /** Today, without being asked for anything: somebody else does the explaining. */
    public function ill(Person $person, IllRequest $request, Viewer $viewer, AskAbsence $ask): RedirectResponse
    {
        $absence = $ask($person, $request->terms(), true, $viewer->actor());

        return back()
            ->with('done', $this->words->say('said.ill_today', ['person' => $person->name]))
            ->with('undo', ['label' => $this->words->say('said.not_away'), 'url' => "/absences/{$absence->id}/end"]);
    }

    public function decide(Absence $absence, Request $request, Viewer $viewer, DecideAbsence $decide): RedirectResponse
    {
        Gate::authorize('decide', $absence);
        $request->validate([
            'approve' => ['required', 'boolean'],
            'word' => ['nullable', 'string', 'max:' . TextLimits::NOTE],
        ]);
        $approve = $request->boolean('approve');
        $decide(
            $absence,
            $approve,
            $request->filled('word') ? $request->string('word')->toString() : null,
            $viewer->actor(),
        );

        return back()->with(
            'done',
            $this->words->say($approve ? 'said.absence_approved' : 'said.absence_declined', [
                'person' => (string) $absence->person?->name,
            ]),
        );
    }

    public function end(Absence $absence, Viewer $viewer, EndAbsence $end): RedirectResponse
    {
        Gate::authorize('end', $absence);
        $end($absence, $viewer->actor());

        return back()->with(
            'done',
            $this->words->say('said.absence_ended', ['person' => (string) $absence->person?->name]),
        );
    }
}
