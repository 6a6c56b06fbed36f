<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\Events\RecordedEvent;
use App\Models\Rules\CoverageRun;
use App\Rules\LockedDraft;
use Carbon\CarbonImmutable;
use Tests\Support\Cases;
use Tests\Support\House;

require_once __DIR__ . '/CaseFunctions.php';
require_once __DIR__ . '/CoverageFunctions.php';

const TAGGED = [['kind' => 'tag', 'tag' => 'seen']];

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
    House::publish(House::roundRule());
    Cases::track();
    $this->actingAs(House::user('hanneke'));
    $first = Cases::open();
    Cases::open(['stage' => 'fitting']);
    deed(House::user('hanneke'), $first, 'move', ['to' => 'fitting'])->assertOk();
    $school = Customer::query()->where('slug', 'holms-school')->sole();
    $this->putJson("/customers/{$school->slug}", [
        'name' => $school->name,
        'tier' => $school->tier,
        'tags' => ['waits'],
        'revision' => $school->revision,
    ]);
    app()->forgetScopedInstances();
    $this->acts = static function (CoverageRun $run): array {
        $acts = [];
        foreach ($run->acts()->orderBy('rule')->get() as $one) {
            $acts[$one->rule] = ($acts[$one->rule] ?? 0) + $one->times;
        }

        return $acts;
    };
});

it('counts what rules about cases would have done with what happened to them', function (): void {
    House::publish(
        ofCases('opens', ['kind' => 'case_opens'], TAGGED),
        ofCases('fits', ['kind' => 'stage_becomes', 'stages' => ['hire.fitting']], TAGGED),
        ofCases('moved', ['kind' => 'stage_left', 'stages' => ['hire.enquiry']], TAGGED),
        ofCases('closed', ['kind' => 'case_closes'], TAGGED),
        House::roundRule(),
    );
    // To open in a stage is to enter it.
    expect(($this->acts)(published()))->toBe(['fits' => 2, 'moved' => 1, 'opens' => 2]);
});

it('holds the criteria of a rule about cases against what happened to cases alone', function (): void {
    House::arrive();
    $rule = ofCases('fits', ['kind' => 'stage_becomes', 'stages' => ['hire.fitting']], TAGGED, [
        'if' => [
            'all' => [
                ['field' => 'case.title', 'op' => 'is', 'value' => 'Forty clarinets'],
                ['field' => 'case.terms', 'op' => 'is_filled'],
            ],
        ],
    ]);
    $this->putJson('/rulebook/draft', ['rules' => [$rule], 'revision' => LockedDraft::revision()])->assertOk();
    $trial = $this->getJson('/rulebook/try?rule=fits')->assertOk()->json('trial');
    expect([$trial['of'], $trial['looked'], $trial['held'], $trial['tasks']])->toBe(['case', 2, 0, []]);
    expect($trial['counts'])->toBe(['/if/all/0' => 2, '/if/all/1' => 0]);
});

it('is kept as long as what happens to tasks', function (): void {
    $kept = fn(): int => RecordedEvent::query()->where('kind', 'subject_changed')->count();
    $before = $kept();
    expect($before)->toBeGreaterThan(2);
    $this->artisan('baton:prune-events')->assertSuccessful();
    expect($kept())->toBe($before);
    $this->travelTo(CarbonImmutable::parse('2026-04-20T10:00:00Z'));
    $this->artisan('baton:prune-events')->assertSuccessful();
    expect($kept())->toBe(0);
});
