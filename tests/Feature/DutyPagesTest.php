<?php

declare(strict_types=1);

use App\Models\Duties\Duty;
use App\Models\Duties\DutyDate;
use App\Models\House\House as HouseRow;
use Illuminate\Support\Facades\DB;
use Sabre\VObject\Reader;
use Tests\Support\Clock;
use Tests\Support\Duties;
use Tests\Support\House;

beforeEach(function (): void {
    // A Monday.
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    HouseRow::query()->update(['holidays' => json_encode(['2026-03-13']), 'roster_revision' => 99]);
    House::publish(House::roundRule());
});

it('shows when it would come, and what stands against it', function (): void {
    $this->actingAs(House::user('hanneke'));
    $preview = $this->postJson('/duties/preview', Duties::document())->assertOk();
    expect($preview->json('dates.0'))->toBe([
        'key' => '2026-03-06',
        'date' => '2026-03-06',
        'appears' => '2026-03-06T09:00:00Z',
        'due' => '2026-03-06T17:00:00Z',
        'title' => 'Count the reeds, 2026-W10',
    ]);
    expect([$preview->json('dates.1.key'), $preview->json('dates.1.date')])->toBe(['2026-03-13', '2026-03-12']);
    expect($preview->json('dates'))->toHaveCount(12);
    expect($preview->json('says'))->toStartWith('It comes every week on Friday, and goes to Ayumi Kato, Femi Adeyinka');
    $wrong = $this->postJson(
        '/duties/preview',
        Duties::document([
            'task' => ['kind' => 'nothing', 'title' => 'Count', 'customer' => 'nobody'],
        ]),
    );
    expect($wrong->json('faults.0.pointer'))->toBe('/task/kind');
    expect([$wrong->json('says'), $wrong->json('dates')])->toBe([null, []]);
    expect(Duty::query()->count())->toBe(0);
});

it('tells two leads who write one duty of each other', function (): void {
    Duties::save();
    $this->actingAs(House::user('hanneke'));
    $send = fn(int $revision) => $this->putJson('/duties', [
        'revision' => $revision,
        'document' => Duties::document(['name' => "Reeds {$revision}"]),
    ]);
    $send(1)->assertOk();
    $send(1)->assertConflict();
    expect(Duty::query()->sole()->name)->toBe('Reeds 1');
    $this->putJson('/duties', ['revision' => 0, 'document' => Duties::document()])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/id');
});

it('asks the database no more often however many duties there are', function (): void {
    $this->actingAs(House::user('hanneke'));
    $queries = function (): int {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/duties')->assertOk();

        return count(DB::getQueryLog());
    };
    Duties::save();
    Clock::tick('2026-03-06T09:00:00Z');
    $queries();
    $few = $queries();
    foreach (range(1, 8) as $number) {
        Duties::save(['id' => "oil-{$number}", 'name' => "Oil {$number}"]);
    }
    Clock::tick('2026-03-12T09:00:00Z');
    $queries();
    expect($queries())->toBe($few);
    expect(DutyDate::query()->count())->toBe(18);
});

it('writes the next dates as a calendar, where they really are', function (): void {
    Duties::save();
    Duties::save([
        'id' => 'vans',
        'name' => 'Vans',
        'comes' => ['after_last' => '+10 working_days', 'from' => '2026-03-04'],
    ]);
    app()->forgetScopedInstances();
    $text = (string) $this->actingAs(House::user('hanneke'))->get('/duties/calendar.ics')->assertOk()->getContent();
    $calendar = Reader::read($text);
    expect($calendar->validate())->toBe([]);
    $days = [];
    foreach ($calendar->select('VEVENT') as $event) {
        $days[(string) $event->UID] = (string) $event->DTSTART;
    }
    expect($days)->toHaveCount(13);
    expect([$days['duty-reeds-2026-03-13@open-baton'], $days['duty-vans-2026-03-04@open-baton']])->toBe([
        '20260312',
        '20260304',
    ]);
});
