<?php

declare(strict_types=1);

use App\Models\Rules\FindingSetAside;
use App\Rules\LockedDraft;
use App\Words\Locales;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\RemedyKind;
use OpenBaton\Core\Check\StandardChecks;
use Symfony\Component\Process\Process;
use Tests\Support\House;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
    House::publish(House::roundRule(), laterRule());
    $this->actingAs(House::user('hanneke'));
});

/** A rule that the round rule hides. */
function laterRule(string $name = 'Rule later'): array
{
    $rule = House::rule(
        'later',
        [
            'all' => [
                ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
                ['field' => 'task.value', 'op' => 'more_than', 'value' => 400],
            ],
        ],
        ['pool' => ['kind' => 'people', 'people' => ['ayumi', 'tobias']], 'method' => ['kind' => 'in_order']],
    );

    return ['name' => $name] + $rule;
}

/** @return list<array<string, mixed>> of rules, without what is about all of them */
function foundOfRules(): array
{
    $found = test()->getJson('/rulebook/findings')->assertOk()->json('findings');

    return array_values(array_filter($found, static fn(array $one): bool => $one['rule'] !== null));
}

function saveRules(array ...$rules): void
{
    test()
        ->putJson('/rulebook/draft', ['rules' => $rules, 'revision' => LockedDraft::revision()])
        ->assertOk();
}

it('tells what is found of the rules in force, with the words and what to do', function (): void {
    [$found] = foundOfRules();
    unset($found['signature']);
    expect($found)->toBe([
        'kind' => 'hidden',
        'certainty' => 'certain',
        'rule' => 'later',
        'name' => 'Rule later',
        'others' => ['round'],
        'pointers' => ['/if'],
        'say' => '“Rule round” takes all of this before, whatever happens.',
        'do' => 'Move the rule above it, or let it ask for less.',
        'press' => ['kind' => 'move_above', 'at' => 'round', 'label' => 'Move it above “Rule round”'],
        'aside' => null,
    ]);
    // Members read what is found of the rules in force, too.
    saveRules(House::roundRule());
    expect(foundOfRules())->toBe([]);
    $this->actingAs(House::user('ayumi'));
    expect(array_column(foundOfRules(), 'kind'))->toBe(['hidden']);
});

it('looks at the draft, without what is unfinished', function (): void {
    $unfinished = House::roundRule();
    unset($unfinished['give']['pool']);
    saveRules($unfinished, laterRule());
    expect(foundOfRules())->toBe([]);
    saveRules(laterRule(), House::roundRule());
    expect(foundOfRules())->toBe([]);
});

it('sets aside what is meant, with why, until one of its rules changes', function (): void {
    $signature = foundOfRules()[0]['signature'];
    $this->putJson("/rulebook/findings/{$signature}", ['reason' => '  '])->assertStatus(422);
    $this->putJson("/rulebook/findings/{$signature}", ['reason' => 'For the record.'])->assertOk();
    $this->putJson("/rulebook/findings/{$signature}", ['reason' => 'For the auditors.'])->assertOk();
    expect(FindingSetAside::query()->count())->toBe(1);
    expect(foundOfRules()[0]['aside'])->toBe([
        'reason' => 'For the auditors.',
        'by' => 'Hanneke de Wit',
        'at' => '2026-03-02T10:00:00Z',
    ]);
    $this->get('/changes')->assertOk()->assertSee('set aside what a check found', false);

    // Another name is another rule, and so is another text of the one that hides it.
    saveRules(House::roundRule(), laterRule('Dear ones'));
    expect(foundOfRules()[0]['aside'])->toBeNull();
    saveRules(['name' => 'Round'] + House::roundRule(), laterRule());
    expect(foundOfRules()[0]['aside'])->toBeNull();
    saveRules(House::roundRule(), laterRule());
    expect(foundOfRules()[0]['aside'])->not->toBeNull();

    $this->deleteJson("/rulebook/findings/{$signature}")->assertOk();
    $this->deleteJson("/rulebook/findings/{$signature}")->assertOk();
    expect(foundOfRules()[0]['aside'])->toBeNull();
});

it('asks the database no more for many rules', function (): void {
    $count = static function (array ...$rules): int {
        saveRules(...$rules);
        foundOfRules();
        DB::enableQueryLog();
        DB::flushQueryLog();
        foundOfRules();

        return count(DB::getQueryLog());
    };
    $many = [House::roundRule()];
    foreach (range(1, 20) as $number) {
        $many[] = ['id' => "later-{$number}"] + laterRule();
    }
    $one = $count(House::roundRule(), laterRule());
    expect($count(...$many))->toBe($one);
});

it('has words for every check and every press', function (): void {
    $words = app(Words::class);
    foreach (StandardChecks::ALL as $class) {
        foreach (['name', 'say', 'do'] as $part) {
            expect($words->has("check.{$class::code()}.{$part}"))->toBeTrue("check.{$class::code()}.{$part}");
        }
    }
    foreach (Certainty::cases() as $certainty) {
        expect($words->has("certainty.{$certainty->value}"))->toBeTrue();
    }
    foreach (RemedyKind::cases() as $remedy) {
        expect($words->has("remedy.{$remedy->value}"))->toBeTrue();
    }
    $known = array_map(static fn(string $class): string => $class::code(), StandardChecks::ALL);
    expect(array_keys(Words::tree(Locales::ofHouse()->words)['check']))->toBe($known);
});

it('tells a pipeline what is found, and by its code whether any of it is certain', function (): void {
    $run = static function (string $input, string ...$arguments): Process {
        $process = new Process(
            [PHP_BINARY, '-d', 'pcov.enabled=0', base_path('bin/check.php'), ...$arguments, '-'],
            base_path(),
            null,
            $input,
        );
        $process->run();

        return $process;
    };
    $fields = [
        [
            'path' => 'task.kind',
            'label' => 'Kind',
            'type' => 'one_of',
            'options' => [['value' => 'repair', 'label' => 'Repair'], ['value' => 'quote', 'label' => 'Quote']],
        ],
    ];
    $rule = static fn(string $kind, string $otherwise): array => [
        'id' => $kind . $otherwise,
        'name' => "For a {$kind}",
        'when' => [['kind' => 'task_arrives']],
        'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => $kind],
        'give' => [
            'pool' => ['kind' => 'people', 'people' => ['a', 'b']],
            'method' => ['kind' => 'in_order'],
            'otherwise' => ['kind' => $otherwise],
        ],
    ];
    $book = static fn(array ...$rules): string => json_encode(
        ['openbaton' => 'rulebook/2', 'fields' => $fields, 'rules' => $rules],
        JSON_THROW_ON_ERROR,
    );

    $hides = $run($book($rule('repair', 'unplaced'), $rule('repair', 'next_rule'), $rule('quote', 'next_rule')));
    expect($hides->getExitCode())->toBe(1);
    expect($hides->getOutput())->toContain("For certain: “For a repair” /if\n", 'takes all of this before');

    $gap = $run($book($rule('repair', 'unplaced')), '--json');
    expect($gap->getExitCode())->toBe(0);
    expect(json_decode(trim($gap->getOutput()), true))->toMatchArray([
        'kind' => 'gap',
        'certainty' => 'note',
        'rule' => null,
        'slots' => ['kind' => 'quote'],
        'say' => 'No rule gives “Quote” to anybody.',
    ]);

    expect($run($book($rule('repair', 'unplaced'), $rule('quote', 'unplaced')))->getOutput())->toBe('');
    $broken = $run('{"openbaton": "rulebook/2", "fields": [], "rules": [{}]}');
    expect([$broken->getExitCode(), $broken->getOutput()])->toBe([2, '']);
    expect($broken->getErrorOutput())->toContain('/rules/0');
});
