<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;
use App\Rules\LockedDraft;
use App\Rules\RuleDifferences;
use Illuminate\Testing\TestResponse;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

/** @return array<string, mixed> */
function tagging(string $id, string $tag = 'x'): array
{
    return [
        'id' => $id,
        'name' => "Rule {$id}",
        'when' => [['kind' => 'task_arrives']],
        'then' => [['kind' => 'tag', 'tag' => $tag]],
    ];
}

function sendRules(mixed $test, string $path, array $rules): TestResponse
{
    app()->forgetScopedInstances();
    $document = json_encode(['openbaton' => 'rulebook/1', 'fields' => [], 'rules' => $rules]);
    $headers = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'];

    return $test->call('POST', $path, [], [], [], $headers, $document);
}

it('tells what is added, changed, moved and gone, by ids', function (array $before, array $after, array $lines): void {
    $found = RuleDifferences::of(array_map(tagging(...), $before), array_map(tagging(...), $after));
    expect(array_map(static fn(array $one): string => "{$one['what']} {$one['id']}", $found['lines']))->toBe($lines);
    expect(array_sum($found['counts']))->toBe(count($lines));
})->with([
    'nothing' => [['a', 'b'], ['a', 'b'], []],
    'one more' => [['a', 'b'], ['a', 'c', 'b'], ['added c']],
    'one less' => [['a', 'b', 'c'], ['a', 'c'], ['gone b']],
    'the first comes last' => [['a', 'b', 'c', 'd'], ['b', 'c', 'd', 'a'], ['moved a']],
    'turned round' => [['a', 'b', 'c'], ['c', 'b', 'a'], ['moved b', 'moved a']],
    'from nothing' => [[], ['a'], ['added a']],
    'ids of digits' => [['2', '1'], ['1', '2', '3'], ['moved 2', 'added 3']],
]);

it('takes the same members in another order for the same', function (): void {
    $rule = tagging('a');
    $turned = array_reverse($rule, true);
    expect(RuleDifferences::of([$rule], [$turned])['lines'])->toBe([]);
    $changed = RuleDifferences::of([$rule], [tagging('a', 'y')])['lines'];
    expect([$changed[0]['what'], $changed[0]['before'], $changed[0]['after']])->toBe([
        'changed',
        $rule,
        tagging('a', 'y'),
    ]);
});

it('says what a file would change, makes it the draft, and undoes that', function (): void {
    $preview = sendRules($this, '/rulebook/import/preview', [tagging('new')])->assertOk();
    expect($preview->json('counts'))->toBe(['added' => 1, 'gone' => 1, 'changed' => 0, 'moved' => 0]);
    expect(RulebookVersion::query()->draft()->count())->toBe(0);
    $revision = sendRules($this, '/rulebook/import?revision=' . LockedDraft::revision(), [tagging('new')])
        ->assertOk()
        ->json('revision');
    expect(array_column((array) RulebookVersion::query()->draft()->sole()->rules, 'id'))->toBe(['new']);
    // There was none before.
    $this->postJson('/rulebook/import/undo', ['revision' => $revision])->assertOk();
    expect(RulebookVersion::query()->draft()->count())->toBe(0);

    $save = fn(string $id) => $this->putJson('/rulebook/draft', [
        'rules' => [tagging($id)],
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    $save('mine');
    $revision = sendRules($this, '/rulebook/import?revision=' . LockedDraft::revision(), [tagging('new')])->json(
        'revision',
    );
    $this->postJson('/rulebook/import/undo', ['revision' => $revision])->assertOk();
    expect(array_column((array) RulebookVersion::query()->draft()->sole()->rules, 'id'))->toBe(['mine']);

    // Whoever has changed it since does not lose that.
    $revision = sendRules($this, '/rulebook/import?revision=' . LockedDraft::revision(), [tagging('new')])->json(
        'revision',
    );
    $save('later');
    $this->postJson('/rulebook/import/undo', ['revision' => $revision])->assertConflict();
    expect(array_column((array) RulebookVersion::query()->draft()->sole()->rules, 'id'))->toBe(['later']);
});

it('compares any two versions', function (): void {
    $first = RulebookVersion::query()->published()->sole()->id;
    House::publish(House::roundRule(), tagging('later'));
    $second = RulebookVersion::query()->published()->sole()->id;
    $compare = fn(string $from, string $to): array => $this->getJson("/rulebook/compare?from={$from}&to={$to}")
        ->assertOk()
        ->json('counts');
    expect($compare($first, $second)['added'])->toBe(1);
    expect($compare($second, $first)['gone'])->toBe(1);
    $this->getJson("/rulebook/compare?from={$first}&to=none")->assertUnprocessable();
});
