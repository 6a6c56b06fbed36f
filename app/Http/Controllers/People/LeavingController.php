<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Pages\People\LeavingPage;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\People\Person;
use App\People\CloseDown;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** Somebody leaves the house. */
final class LeavingController
{
    public function show(Person $person, LeavingPage $page): Response
    {
        Gate::authorize('keepRoster', House::class);

        return Inertia::render('People/Leaving', $page->props($person));
    }

    public function store(
        Person $person,
        Request $request,
        Viewer $viewer,
        CloseDown $close,
        Words $words,
    ): RedirectResponse {
        Gate::authorize('keepRoster', House::class);
        $others = Rule::exists('people', 'slug')->where('active', true)->whereNot('slug', $person->slug);
        $request->validate(
            [
                'last_day' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'before_or_equal:today'],
                'successor' => ['nullable', 'string', $others],
                'tasks' => ['array'],
                'tasks.*' => ['nullable', 'string', $others],
            ],
            ['last_day.before_or_equal' => 'Give a day that is not to come; a last day ahead stands with the person.'],
        );
        $successor = $request->filled('successor')
            ? Person::query()
                ->where('slug', $request->string('successor')->toString())
                ->firstOrFail()
            : null;
        $tasks = array_map(
            static fn(mixed $to): ?string => is_string($to) && $to !== '' ? $to : null,
            (array) $request->input('tasks', []),
        );
        $count = $close($person, $request->string('last_day')->toString(), $successor, $tasks, $viewer->actor());

        return redirect('/people')->with(
            'done',
            $words->say('said.left', ['person' => $person->name, 'count' => $count]),
        );
    }
}
