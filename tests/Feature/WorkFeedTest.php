<?php

declare(strict_types=1);

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\Absences\CalendarFeed;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Tasks\HandOnTask;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/WorkCalendarFunctions.php';

// A Tuesday; Dublin is on UTC until the 29th, and an hour before it after.
beforeEach(function (): void {
    Clock::set('2026-03-03T10:00:00Z');
    House::open();
});

it('goes out under a secret address: a to-do for what is due, an event for what is planned', function (): void {
    $task = dueTask('Horn, bent', 'femi', '2026-03-04 12:00:00', 120);
    dueTask('Tuba', 'ayumi', '2026-03-04 12:00:00', 60);
    $undated = House::arrive(title: 'Bugle');
    app(HandOnTask::class)($undated, House::person('femi'), 'Knows it', House::user('hanneke'));
    Task::query()
        ->whereKey($undated->id)
        ->update(['due_at' => null, 'estimate_minutes' => 0]);
    $this->actingAs(House::user('femi'))->post('/absences/calendars/renew', ['what' => 'work']);
    $this->actingAs(House::user('femi'))->post('/absences/calendars/renew');
    $this->actingAs(House::user('hanneke'))->post('/absences/calendars/renew', [
        'what' => 'work',
        'team' => 'brass-bench',
    ]);
    $address = calendarOf($this, 'femi', '')['feed']['address'];
    auth()->logout();
    $read = fn(string $address): VCalendar => Reader::read((string) $this->get($address)->assertOk()->getContent());
    $own = $read($address);
    expect($own->validate())
        ->toBe([])
        ->and($own->VTODO)
        ->toHaveCount(1)
        ->and((string) $own->VTODO->SUMMARY)
        ->toBe("{$task->number} Horn, bent")
        ->and($own->VTODO->DUE->getDateTime()->format(DATE_ATOM))
        ->toBe('2026-03-04T12:00:00+00:00')
        ->and((string) $own->VTODO->STATUS)
        ->toBe('NEEDS-ACTION')
        ->and($own->VEVENT)
        ->toHaveCount(1)
        ->and($own->VEVENT->DTSTART->getDateTime()->format(DATE_ATOM))
        ->toBe('2026-03-03T10:00:00+00:00')
        ->and($own->VEVENT->DTEND->getDateTime()->format(DATE_ATOM))
        ->toBe('2026-03-03T12:30:00+00:00');
    $team = CalendarFeed::query()->whereNotNull('team_id')->sole();
    $all = $read("/calendar/{$team->secret}.ics");
    expect($all->VTODO)->toHaveCount(2)->and((string) $all->VEVENT[0]->SUMMARY)->toEndWith(', Ayumi Kato');
    // Whoever is not here any more has nothing in it.
    ChangeHouse::run('person_left', 'ended one', Actor::system('test'), static function (): Person {
        $femi = House::person('femi');
        $femi->update(['active' => false]);

        return $femi;
    });
    expect($read($address)->VTODO)->toBeNull();
});
