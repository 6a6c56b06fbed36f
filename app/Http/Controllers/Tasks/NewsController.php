<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Http\Pages\Tasks\NewsPage;
use App\Http\Requests\Tasks\NewsChoiceRequest;
use App\Http\Viewer;
use App\Models\Events\NewsChoice;
use App\Models\Events\Notice;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Notices\NewsChannels;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** What somebody is told because it was not their own doing: read and unread, each with the way to its place. */
final class NewsController
{
    public function index(Request $request, Viewer $viewer, NewsPage $page): Response
    {
        $request->validate(['unread' => ['nullable', 'boolean'], 'before' => ['nullable', 'string', 'ulid']]);

        return Inertia::render(
            'News/News',
            $page->props(
                self::person($viewer),
                $request->boolean('unread'),
                $request->filled('before') ? $request->string('before')->lower()->toString() : null,
            ),
        );
    }

    /** Reads it, and leads to its place; of a task into the hands of whoever holds it, to its page otherwise. */
    public function open(string $notice, Viewer $viewer): RedirectResponse
    {
        $row = self::own($notice, $viewer);
        if ($row->seen_at === null) {
            $row->update(['seen_at' => CarbonImmutable::now()]);
        }
        if ($row->link === null && $row->case_id !== null) {
            return redirect("/cases/{$row->case_id}");
        }
        if ($row->customer !== null && $viewer->user()->can('keepCustomers', House::class)) {
            return redirect("/customers?customer={$row->customer->slug}");
        }
        if ($row->link !== null || $row->task_id === null) {
            return redirect($row->link ?? '/in-hand');
        }
        $holds = Task::query()->open()->heldBy($row->person_id)->whereKey($row->task_id)->exists();

        return redirect($holds ? "/in-hand?task={$row->task_id}" : "/tasks/{$row->task_id}");
    }

    /** It is to be looked at again. */
    public function unread(string $notice, Viewer $viewer): RedirectResponse
    {
        self::own($notice, $viewer)->update(['seen_at' => null]);

        return back();
    }

    public function choose(NewsChoiceRequest $request, Viewer $viewer): RedirectResponse
    {
        $choice = NewsChoice::query()->firstOrNew(['person_id' => self::person($viewer)->id]);
        // The first summary is that of the next morning.
        $choice->summed_at ??= CarbonImmutable::now();
        $choice->fill($request->values())->save();

        return back();
    }

    /** What nobody may do without. */
    public function oblige(Request $request, Viewer $viewer): RedirectResponse
    {
        Gate::authorize('shape', House::class);
        $request->validate(
            NewsChoiceRequest::channelRules() + [
                'on_call' => ['array', 'list', 'max:100'],
                'on_call.*' => ['required', 'string', 'distinct', Rule::exists('teams', 'slug')],
            ],
        );
        ChangeHouse::set('news_obliged', 'said what everybody hears of', Actor::user($viewer->user()), [
            'obligatory_news' => NewsChannels::read($request->input('channels')),
            'on_call' => array_values(array_filter((array) $request->input('on_call', []), is_string(...))),
        ]);

        return back();
    }

    private static function own(string $notice, Viewer $viewer): Notice
    {
        return Notice::query()->where('person_id', self::person($viewer)->id)->findOrFail($notice);
    }

    private static function person(Viewer $viewer): Person
    {
        return $viewer->person() ?? abort(403);
    }
}
