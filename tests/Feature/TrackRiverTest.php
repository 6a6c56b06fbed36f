<?php

declare(strict_types=1);

use App\Models\Cases\CustomerCase;
use Illuminate\Support\Facades\DB;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CaseFunctions.php';

beforeEach(function (): void {
    // A Monday; the house works from nine to five.
    Clock::set('2026-03-02T09:00:00Z');
    House::open();
    Cases::track();
    $this->river = function (): array {
        app()->forgetScopedInstances();
        $page = $this->actingAs(House::user('hanneke'))->get('/tracks/hire/river');

        return array_column($page->viewData('page')['props']['stages'], null, 'key');
    };
    $this->goes = function (CustomerCase $case, string $to, ?string $reason = null): void {
        deed(House::user('hanneke'), $case, 'move', ['to' => $to, 'reason' => $reason ?? 'Agreed.'])->assertOk();
    };
});

it('counts what stands in each stage, how long, and how many too long', function (): void {
    // Enquiry: eight hours at most.
    $first = Cases::open();
    Clock::set('2026-03-02T13:00:00Z');
    Cases::open();
    Clock::set('2026-03-03T11:00:00Z');
    Cases::open();
    ($this->goes)($first, 'fitting');
    Clock::set('2026-03-03T14:00:00Z');
    $stages = ($this->river)();
    // The second stands there for four hours on Monday and five on Tuesday, the third for three.
    expect(
        array_intersect_key(
            $stages['enquiry'],
            array_flip(['open', 'late', 'stands', 'longest', 'stood', 'on', 'back', 'opened', 'target']),
        ),
    )->toBe([
        'target' => 480,
        'open' => 2,
        'late' => 1,
        'stands' => 180,
        'longest' => 540,
        // The first: eight hours on Monday, two on Tuesday.
        'stood' => 600,
        'on' => 1,
        'back' => 0,
        'opened' => 3,
    ]);
    expect([$stages['fitting']['open'], $stages['fitting']['late'], $stages['on-hire']['stands']])->toBe([1, 0, null]);
});

it(
    'tells what went on and back and where it ended in the last four weeks, with the cases behind it',
    function (): void {
        $case = Cases::open();
        $other = Cases::open();
        ($this->goes)($case, 'fitting');
        ($this->goes)($other, 'fitting');
        Clock::set('2026-03-20T10:00:00Z');
        ($this->goes)($case, 'enquiry');
        deed(House::user('hanneke'), $other, 'close', [
            'outcome' => 'declined',
            'open' => 'drop',
            'reason' => 'No.',
        ])->assertOk();
        $stages = ($this->river)();
        expect([$stages['enquiry']['on'], $stages['fitting']['back'], $stages['fitting']['closed']])->toBe([2, 1, 1]);
        $listed = fn(string $query): array => array_column(
            $this->get("/cases?track=hire&state=all&{$query}")->viewData('page')['props']['rows'],
            'number',
        );
        expect($listed('stage=fitting&moved=back'))
            ->toBe([$case->number])
            ->and($listed('stage=enquiry&moved=on'))
            ->toEqualCanonicalizing([$case->number, $other->number])
            ->and($listed('stage=fitting&moved=on'))
            ->toBe([]);
        // What was before that is not lately.
        Clock::set('2026-04-08T10:00:00Z');
        $stages = ($this->river)();
        expect([$stages['enquiry']['on'], $stages['fitting']['back'], $stages['enquiry']['opened']])->toBe([0, 1, 0]);
    },
);

it('asks as often for many cases as for few', function (): void {
    $ask = function (): int {
        DB::enableQueryLog();
        ($this->river)();
        $asked = count(DB::getQueryLog());
        DB::disableQueryLog();
        DB::flushQueryLog();

        return $asked;
    };
    Cases::open();
    ($this->goes)(Cases::open(), 'fitting');
    $ask();
    $few = $ask();
    for ($more = 0; $more < 6; ++$more) {
        $case = Cases::open();
        if ($more % 2 === 0) {
            ($this->goes)($case, 'fitting');
        }
    }
    expect($ask())->toBe($few);
});

it('has no river of a track that is not published, and none for members', function (): void {
    $this->actingAs(House::user('hanneke'))->get('/tracks/gone/river')->assertNotFound();
    $this->actingAs(House::user('femi'))->get('/tracks/hire/river')->assertForbidden();
});
