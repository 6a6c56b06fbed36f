<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use App\Http\Pages\Floor\FloorGroups;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\Tasks\Task;
use App\Tasks\TasksInSight;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;

/** Whose work the calendar shows: of one person, of a team, of everybody. */
final readonly class CalendarScope
{
    /**
     * @param string       $slug   empty: everybody
     * @param list<Person> $people
     */
    private function __construct(
        private Viewer $viewer,
        private TasksInSight $sight,
        public string $kind,
        public string $slug,
        public string $name,
        public array $people,
    ) {}

    /** Answers with 404 where there is nobody, or no team, of that name. */
    public static function of(CalendarView $view, Viewer $viewer, TasksInSight $sight): self
    {
        $roster = $viewer->snapshot()->roster;
        $own = $viewer->person()?->slug;
        if ($view->team !== null) {
            $team = $roster->teams[$view->team] ?? abort(404);
            $members = array_intersect_key($roster->people, array_flip(Membership::ids($team->members)));

            return new self($viewer, $sight, 'team', $team->id, $team->name, array_values($members));
        }
        $slug = $view->person ?? ($view->everybody ? null : $own);
        if ($slug !== null) {
            $person = $roster->people[$slug] ?? abort(404);

            return new self($viewer, $sight, 'person', $person->id, $person->name, [$person]);
        }

        return new self(
            $viewer,
            $sight,
            'all',
            '',
            $viewer->words()->words->say('floor.everybody'),
            FloorGroups::active($roster),
        );
    }

    public function isOne(): bool
    {
        return $this->kind === 'person';
    }

    /** Whether how full their days are is shown: to themselves, and to leads. */
    public function showsLoad(): bool
    {
        return $this->viewer->user()->can('viewFloor', House::class) ||
            ($this->isOne() && $this->viewer->person()?->slug === $this->slug);
    }

    /**
     * @param list<Person>|null $of  those of them only; null: all of them, of everybody with what nobody has
     * @param bool              $open open ones only, those in review with whoever reviews them
     *
     * @return Builder<Task> what of it whoever looks sees
     */
    public function tasks(bool $open, ?array $of = null): Builder
    {
        $tasks = $this->sight->of($this->viewer->user(), Task::query());
        if ($of === null && $this->kind === 'all') {
            return $open ? $tasks->open() : $tasks;
        }
        $ids = $this->viewer->snapshot()->idsOf(array_column($of ?? $this->people, 'id'));

        return $open ? $tasks->inHandOf($ids) : $tasks->heldBy($ids, false);
    }
}
