<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Pages\People\PeoplePage;
use App\Http\Requests\People\PeopleChangeRequest;
use App\Http\Requests\People\PersonRequest;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\People\Person;
use App\People\PersonTerms;
use App\People\SavePerson;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** The roster, kept by the lead. */
final class PeopleController
{
    public function index(Request $request, PeoplePage $page): Response
    {
        Gate::authorize('keepRoster', House::class);

        return Inertia::render('People/People', $page->props($request->string('person')->toString()));
    }

    public function store(PersonRequest $request, Viewer $viewer, SavePerson $save, Words $words): JsonResponse
    {
        $person = $save(null, $request->terms(), $viewer->actor());
        // For the page of somebody new, which comes next.
        $request->session()->flash('done', $words->say('people.saved'));

        return new JsonResponse(['slug' => $person->slug], 201);
    }

    public function update(Person $person, PersonRequest $request, Viewer $viewer, SavePerson $save): JsonResponse
    {
        return new JsonResponse(['slug' => $save($person->slug, $request->terms(), $viewer->actor())->slug]);
    }

    public function change(PeopleChangeRequest $request, Viewer $viewer, SavePerson $save): JsonResponse
    {
        $people = [];
        foreach (
            Person::query()
                ->with(['skills', 'place'])
                ->whereIn('slug', $request->people())
                ->orderBy('position')
                ->get()
            as $person
        ) {
            $people[$person->slug] = $request->change()->of(PersonTerms::of($person, $viewer->snapshot()->roster));
        }
        $save->all($people, $viewer->actor());

        return new JsonResponse(['changed' => count($people)]);
    }
}
