<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Rules\FindingSetAside;
use App\Models\Rules\RulebookVersion;
use App\Rules\LockedDraft;
use App\Rules\SaveDraft;

/** @return list<array<string, mixed>> */
function rulesOfDraft(): array
{
    /** @var list<array<string, mixed>> */
    return RulebookVersion::query()->draft()->sole()->rules;
}

beforeEach(function (): void {
    $rules = array_values((array) RulebookVersion::query()->published()->sole()->rules);
    $quotes = ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'];
    $give = ['pool' => ['kind' => 'team', 'team' => 'enquiries'], 'method' => ['kind' => 'in_order']];
    $rule = static fn(string $id, string $name, array $more): array => $more + [
        'id' => $id,
        'name' => $name,
        'when' => [['kind' => 'task_arrives']],
        'if' => $quotes,
    ];
    array_unshift(
        $rules,
        $rule('first', 'Quotes first', ['give' => ['otherwise' => ['kind' => 'unplaced']] + $give]),
        $rule('second', 'Quotes second', ['give' => $give]),
        $rule('twice', 'Marks twice', [
            'then' => [['kind' => 'priority', 'priority' => 'high'], ['kind' => 'priority', 'priority' => 'low']],
        ]),
    );
    $lead = User::query()->where('email', 'hanneke@alderquill.example')->sole();
    app(SaveDraft::class)($rules, LockedDraft::revision(), Actor::user($lead));
    $this->signIn('hanneke', '/rulebook');
});

afterEach(function (): void {
    RulebookVersion::query()->draft()->delete();
    FindingSetAside::query()->delete();
});

it('tells at a rule what is found of it, and mends it at a press', function (): void {
    $this->see('“Quotes first” takes all of this before, whatever happens.');
    $this->press('Take this out');
    $this->until(
        static fn(): bool => count(rulesOfDraft()[2]['then']) === 1,
        fn(): string => "The follow-up is still there. The page says:\n" . $this->text(),
    );
    expect(rulesOfDraft()[2]['then'][0]['priority'])->toBe('low');
    $this->dontSee('What the first of these sets');

    $this->press('Move it above “Quotes first”');
    $this->until(
        static fn(): bool => array_column(array_slice(rulesOfDraft(), 0, 2), 'id') === ['second', 'first'],
        fn(): string => "The rule was not moved. The page says:\n" . $this->text(),
    );
    $this->until(
        fn(): bool => !str_contains($this->text(), 'takes all of this before, whatever happens'),
        fn(): string => "It is still told. The page says:\n" . $this->text(),
    );
});

it('sets aside what is meant, and tells it again', function (): void {
    $notes = "//*[@data-rule='second']";
    $this->click("{$notes}//button[.='It is meant so']");
    $this->find("{$notes}//input[@placeholder='Why it is meant so']")->sendKeys('For the auditors.');
    $this->click("{$notes}//button[.='Set aside']");
    $this->see('1 set aside');
    expect(FindingSetAside::query()->sole()->reason)->toBe('For the auditors.');
    $this->click("//summary[contains(., 'set aside')]");
    $this->see('Hanneke de Wit: For the auditors.');
    $this->press('Tell it again');
    $this->see('“Quotes first” takes all of this before, whatever happens.');
    expect(FindingSetAside::query()->count())->toBe(0);
});
