<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\People\PauseRequest;
use App\Http\Viewer;
use App\Models\People\Person;
use App\People\PauseIntake;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** Whether new work comes to somebody. */
final class IntakeController
{
    public function pause(
        Person $person,
        PauseRequest $request,
        Viewer $viewer,
        Words $words,
        PauseIntake $intake,
    ): RedirectResponse {
        $intake->pause($person, $request->until(), $request->reason(), $viewer->actor());

        return back()->with('done', $words->say('said.intake_paused', ['person' => $person->name]));
    }

    public function resume(Person $person, Viewer $viewer, Words $words, PauseIntake $intake): RedirectResponse
    {
        Gate::authorize('pauseIntake', $person);
        $intake->resume($person, $viewer->actor());

        return back()->with('done', $words->say('said.intake_resumed', ['person' => $person->name]));
    }
}
