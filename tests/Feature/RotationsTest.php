<?php

declare(strict_types=1);

use App\Models\Access\AuditRecord;
use App\Models\Rules\RotationTurn;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open([
        ['id' => 'away', 'person' => 'ayumi', 'first' => '2026-03-03', 'last' => '2026-03-06', 'status' => 'approved'],
    ]);
    House::publish(House::roundRule());
});

/** @return array<string, mixed> what the page says of the rotation */
function rotationPage(mixed $test, string $who = 'hanneke'): array
{
    $answer = $test->actingAs(House::user($who))->get('/rulebook/rotations')->assertOk();

    return AssertableInertia::fromTestResponse($answer)->toArray()['props'];
}

/** @return list<array{string, int|null}> */
function seatsShown(mixed $test): array
{
    return array_map(
        static fn(array $seat): array => [$seat['person'], $seat['turn']],
        rotationPage($test)['rotation']['seats'],
    );
}

it('shows whose turn is next, the last turns, and who was passed over', function (): void {
    $order = array_column(seatsShown($this), 0);
    expect(array_column(seatsShown($this), 1))->toBe(range(1, count($order)));
    expect($order[0])->toBe('ayumi');
    Clock::set('2026-03-03T10:00:00Z');
    expect(seatsShown($this)[0])->toBe([$order[1], 1]);
    expect(seatsShown($this)[count($order) - 1])->toBe([$order[0], null]);
    $task = House::arrive();
    expect($task->assignee?->slug)->toBe($order[1]);
    $page = rotationPage($this);
    expect($page['rotations'])->toBe([['name' => 'Brass bench', 'rules' => 1]]);
    expect($page['rotation']['rules'])->toBe([['id' => 'round', 'name' => 'Rule round']]);
    $turn = $page['rotation']['turns'][0];
    expect([$turn['kind'], $turn['person'], $turn['task']['number']])->toBe([
        'taken',
        House::person($order[1])->name,
        $task->number,
    ]);
    expect(array_column($turn['passedOver'], 'slug'))->toBe([$order[0]]);
    expect($turn['passedOver'][0]['reason'])->not->toBe('');
});

it('is corrected by a lead, with a record, and by nobody else', function (): void {
    $order = array_column(seatsShown($this), 0);
    $correct = fn(array $sent) => $this->actingAs(House::user('hanneke'))->post(
        '/rulebook/rotations',
        ['rotation' => 'Brass bench'] + $sent,
    );
    $correct(['act' => 'skipped', 'person' => $order[0], 'reason' => 'Trains Femi'])->assertSessionHasNoErrors();
    expect(array_column(seatsShown($this), 0)[0])->toBe($order[1]);
    expect(House::arrive()->assignee?->slug)->toBe($order[1]);
    $correct(['act' => 'put_back', 'person' => $order[1]])->assertSessionHasNoErrors();
    expect(House::arrive()->assignee?->slug)->toBe($order[1]);
    $correct(['act' => 'begun_anew'])->assertSessionHasNoErrors();
    expect(array_column(seatsShown($this), 0))->toBe($order);
    expect(
        RotationTurn::query()
            ->with('person')
            ->orderBy('id')
            ->get()
            ->map(static fn(RotationTurn $one): array => [$one->kind->value, $one->person?->slug, $one->reason])
            ->all(),
    )->toBe([
        ['skipped', $order[0], 'Trains Femi'],
        ['taken', $order[1], null],
        ['put_back', $order[1], null],
        ['taken', $order[1], null],
        ['begun_anew', null, null],
    ]);
    expect(AuditRecord::query()->where('event', 'like', 'rotation_%')->orderBy('id')->pluck('event')->all())->toBe([
        'rotation_skipped',
        'rotation_put_back',
        'rotation_begun_anew',
    ]);

    $correct(['act' => 'taken', 'person' => $order[0]])->assertSessionHasErrors('act');
    $correct(['act' => 'skipped'])->assertSessionHasErrors('person');
    $correct(['act' => 'skipped', 'person' => 'nobody']);
    expect(RotationTurn::query()->count())->toBe(5);
    $this->actingAs(House::user('ayumi'))
        ->post('/rulebook/rotations', ['rotation' => 'Brass bench', 'act' => 'begun_anew'])
        ->assertForbidden();
    expect(rotationPage($this, 'ayumi')['mayCorrect'])->toBeFalse();
});

it('asks as often for many turns as for one', function (): void {
    $asked = function (): int {
        DB::flushQueryLog();
        rotationPage($this);

        return count(DB::getQueryLog());
    };
    House::arrive();
    rotationPage($this);
    DB::enableQueryLog();
    $one = $asked();
    foreach (range(1, 11) as $_) {
        House::arrive();
    }
    expect($asked())->toBe($one);
    expect(rotationPage($this)['rotation']['turns'])->toHaveCount(12);
});
