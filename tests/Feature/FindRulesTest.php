<?php

declare(strict_types=1);

use App\Rules\LockedDraft;
use Carbon\CarbonImmutable;
use Tests\Support\House;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
    $quotes = House::rule(
        'quotes',
        [
            'all' => [
                ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
                ['field' => 'task.repaired_by', 'op' => 'is', 'value' => 'callum'],
            ],
        ],
        ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
        [['kind' => 'checklist', 'checklist' => 'brass-check']],
    );
    House::publish(
        House::roundRule(),
        ['note' => 'Asked for by the auditors.', 'heading' => 'Of the front desk'] + $quotes,
    );
    $this->actingAs(House::user('hanneke'));
});

/** @return list<string> */
function foundRules(string $text): array
{
    return test()
        ->getJson('/rulebook/find?' . http_build_query(['q' => $text]))
        ->assertOk()
        ->json('rules');
}

it('finds rules by what stands in them, as people call it', function (string $text, array $found): void {
    expect(foundRules($text))->toBe($found);
})->with([
    'a name' => ['RULE quotes', ['quotes']],
    'the label of a value' => ['bench repair', ['round']],
    'a person who is named, or to whom one can give' => ['callum', ['round', 'quotes']],
    'whom a team has' => ['femi', ['round']],
    'a team' => ['brass bench', ['round']],
    'a checklist' => ['check of a brass', ['quotes']],
    'the label of a field' => ['repaired by', ['quotes']],
    'a note' => ['auditors', ['quotes']],
    'a heading' => ['front desk', ['quotes']],
    'every word of it' => ['lindqvist quote', ['quotes']],
    'words of two rules' => ['lindqvist bench', []],
    'nothing' => ['ocarina', []],
]);

it('looks in the draft for those who write it', function (): void {
    $draft = ['name' => 'Ocarinas'] + House::roundRule();
    $this->putJson('/rulebook/draft', ['rules' => [$draft], 'revision' => LockedDraft::revision()])->assertOk();
    expect(foundRules('ocarina'))->toBe(['round']);
    $this->actingAs(House::user('ayumi'));
    expect(foundRules('ocarina'))->toBe([]);
    $this->getJson('/rulebook/find?q=')->assertStatus(422);
});
