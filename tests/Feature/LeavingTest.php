<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\People\Place;
use App\Models\People\Team;
use App\Models\Tasks\Task;
use Database\Factories\Absences\AbsenceFactory;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'femi',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            ['pool' => ['kind' => 'people', 'people' => ['femi']], 'method' => ['kind' => 'same_person']],
        ),
        House::roundRule(),
    );
});

it('shows what somebody holds and where they are named, then closes them down', function (): void {
    $quote = House::arrive('quote', title: 'Quote');
    $repair = House::arrive('bench-repair', title: 'Repair');
    $repair->update(['assignee_id' => House::person('femi')->id]);
    $review = House::arrive('bench-repair', title: 'Review');
    $review->update([
        'status' => TaskStatus::InReview,
        'assignee_id' => House::person('femi')->id,
        'reviewer_id' => House::person('ayumi')->id,
    ]);
    Customer::query()->update(['owner_id' => House::person('femi')->id]);
    Place::query()
        ->where('slug', 'the-holms')
        ->update(['responsible_id' => House::person('femi')->id]);
    Team::query()->update(['lead_id' => House::person('femi')->id]);
    $own = AbsenceFactory::new()
        ->of('femi')
        ->days('2026-04-01', '2026-04-02')
        ->create(['slug' => 'own']);
    $other = AbsenceFactory::new()
        ->of('ayumi')
        ->days('2026-03-09', '2026-03-10')
        ->create(['slug' => 'other']);
    $other->syncSubstitutes([House::person('femi')->id, House::person('tobias')->id]);
    $this->actingAs(House::user('hanneke'));
    $props = $this->get('/people/femi/leaving')->assertOk()->viewData('page')['props'];
    expect(array_map(static fn(array $line): string => $line['task']['title'], $props['tasks']))->toEqualCanonicalizing(
        ['Quote', 'Repair', 'Review'],
    );
    expect(array_column($props['rules'], 'said'))->toBe(['“Rule femi” gives to them']);
    expect($props['elsewhere'])->toBe([
        'Rotation “Brass bench”: passed over, and no turn is owed afterwards',
        'Responsible for The Holms',
        'Looks after 1 customer',
        'Leads Brass bench',
        'Stands in for Ayumi Kato: taken out there',
    ]);
    $this->post('/people/femi/leaving', [
        'last_day' => '2026-03-01',
        'successor' => 'tobias',
        'tasks' => [$quote->id => 'ayumi', $repair->id => ''],
    ])->assertSessionHas('done', 'Femi Adeyinka has left. 3 tasks go on.');
    app()->forgetScopedInstances();
    $femi = House::person('femi');
    expect([$femi->active, $femi->member_until?->format('Y-m-d')])->toBe([false, '2026-03-01']);
    expect($quote->refresh()->assignee?->slug)->toBe('ayumi');

    // The rules were asked: the next of the bench.
    expect($repair->refresh()->assignee?->slug)->toBeIn(['ayumi', 'callum']);
    expect([$review->refresh()->assignee?->slug, $review->reviewer?->slug])->toBe(['femi', 'ayumi']);
    expect([
        Customer::query()->sole()->owner?->slug,
        Place::query()->where('slug', 'the-holms')->sole()->responsible?->slug,
        Team::query()->sole()->lead?->slug,
    ])->toBe(['tobias', 'tobias', 'tobias']);
    expect(Team::query()->sole()->members->pluck('slug')->all())->toBe(['ayumi', 'callum']);
    expect($own->refresh()->status)->toBe(AbsenceStatus::Cancelled);
    expect($other->substitutes()->pluck('slug')->all())->toBe(['tobias']);
});

it('signs whoever has left out, and in no more', function (): void {
    $femi = House::user('femi');
    $this->actingAs($femi)->get('/in-hand')->assertOk();
    $this->actingAs(House::user('hanneke'))->post('/people/femi/leaving', ['last_day' => '2026-03-01']);
    $this->actingAs($femi->refresh())->get('/in-hand')->assertRedirect('/sign-in');
    $this->assertGuest();
    $this->post('/sign-in', ['email' => $femi->email, 'password' => House::PASSWORD]);
    $this->get('/in-hand')->assertRedirect('/sign-in');
});

it('refuses a day to come and somebody who is not there', function (): void {
    $task = House::arrive('quote');
    $this->actingAs(House::user('hanneke'))
        ->post('/people/femi/leaving', [
            'last_day' => '2026-03-03',
            'successor' => 'femi',
            'tasks' => [$task->id => 'nobody'],
        ])
        ->assertSessionHasErrors(['last_day', 'successor', "tasks.{$task->id}"]);
    expect(House::person('femi')->active)->toBeTrue();
    expect(Task::query()->sole()->assignee?->slug)->toBe('femi');
    $this->actingAs(House::user('femi'))->get('/people/femi/leaving')->assertForbidden();
    $this->actingAs(House::user('femi'))
        ->post('/people/femi/leaving', ['last_day' => '2026-03-01'])
        ->assertForbidden();
});
