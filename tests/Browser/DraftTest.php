<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Intake\TakeInTask;
use App\Models\Access\User;
use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use App\Models\Tasks\TaskSource;
use App\Rules\LockedDraft;
use App\Rules\SaveDraft;
use OpenBaton\Core\Document\Node;

require_once __DIR__ . '/DraftFunctions.php';

beforeEach(function (): void {
    withoutDraft();
    $this->signIn('hanneke', '/rulebook');
    $this->find("//button[@aria-label='More for rule 4']");
});

afterEach(function (): void {
    withoutDraft();
});

it('does not fall back to an older page that comes in after a save', function (): void {
    pauseRule($this, 1);
    // From now on what the server tells of the page is held back on its way.
    $this->browser->executeScript(
        <<<'JS'
        window.held = [];
        const send = XMLHttpRequest.prototype.send;
        XMLHttpRequest.prototype.send = function (body) {
            const done = this.onloadend;
            this.onloadend = (event) => window.held.push(() => done.call(this, event));
            send.call(this, body);
        };
        window.letGo = () => {
            XMLHttpRequest.prototype.send = send;
            window.held.splice(0).forEach((one) => one());
        };
        JS
        ,
    );
    app(TakeInTask::class)->__invoke(
        Node::root(['title' => 'Call back about the dulcimer', 'kind' => 'call-back']),
        TaskSource::ByHand,
        null,
    );
    $this->until(
        fn(): bool => $this->browser->executeScript('return window.held.length > 0;') === true,
        static fn(): string => 'The page does not ask for news.',
    );
    pauseRule($this, 2);
    $this->browser->executeScript('window.letGo();');
    pauseRule($this, 3);

    expect(array_column(array_slice(draftRules(), 0, 3), 'active'))->toBe([false, false, false]);
    $this->dontSee('Not saved');
});

it('says when somebody else saved first, shows theirs on request, and brings ours back by an undo', function (): void {
    pauseRule($this, 1);
    // The page hears no news until it is let go, and what is on its way arrives.
    $this->browser->executeScript(
        <<<'JS'
        const ask = window.fetch;
        window.fetch = (url, how) => {
            if (!String(url).startsWith('/pulse')) return ask(url, how);
            return new Promise((answer) => {
                window.letGo = () => {
                    window.fetch = ask;
                    answer(ask(url, how));
                };
            });
        };
        JS
        ,
    );
    $this->until(
        fn(): bool => $this->browser->executeScript('return window.letGo !== undefined;') === true,
        static fn(): string => 'The page does not ask for news.',
    );
    $this->settled();
    $theirs = draftRules();
    $theirs[1]['name'] = 'Repairs, as another lead has it';
    app(SaveDraft::class)->__invoke(
        $theirs,
        LockedDraft::revision(),
        Actor::user(User::query()->where('email', 'admin@alderquill.example')->sole()),
    );
    $this->press('More for rule 2');
    $this->press('Pause');

    $this->see('Not saved: Somebody else saved this draft in the meantime.');
    $this->browser->executeScript('window.letGo();');
    $this->press('Look at theirs');
    $this->see('Repairs, as another lead has it');
    expect(draftRules()[1]['active'])->not->toBeFalse();
    $this->press('Undo');
    $this->see('Draft saved');
    $this->dontSee('Repairs, as another lead has it');
    expect(array_column(array_slice(draftRules(), 0, 2), 'active'))->toBe([false, false]);
});

it('takes a single key for what is nearest, and lists what keys do here', function (): void {
    $this->browser->getKeyboard()->sendKeys('n');
    $this->see('Draft saved');
    expect($this->browser->getCurrentURL())->toEndWith('/rulebook');
    expect(draftRules()[0]['name'])->toBe('');
    $this->browser->executeScript('document.activeElement.blur();');
    $this->browser->getKeyboard()->sendKeys('?');
    $this->see('new rule');
    expect(preg_match('/new task|finish it/', $this->text()))->toBe(0);
    $this->visit('/floor');
    $this->find("//h1[.='Floor']");
    $this->browser->getKeyboard()->sendKeys('n');
    $this->until(
        fn(): bool => str_ends_with($this->browser->getCurrentURL(), '/tasks/new'),
        fn(): string => $this->text(),
    );
});

it('fetches the rules of a long draft as they come into view, and saves what is changed among them', function (): void {
    $of = static fn(int $number): array => [
        'id' => "long-{$number}",
        'name' => "Rule of place {$number}",
        'when' => [['kind' => 'task_arrives']],
        'then' => [['kind' => 'tag', 'tag' => "seen-{$number}"]],
    ];
    app(SaveDraft::class)->__invoke(
        array_map($of, range(1, 300)),
        LockedDraft::revision(),
        Actor::user(User::query()->where('email', 'hanneke@alderquill.example')->sole()),
    );
    $this->visit('/rulebook');
    $this->see('Rule of place 4');
    $this->dontSee('Rule of place 299');
    $this->browser->executeScript(
        "const list = document.querySelector('ol[aria-label=Rules]').parentElement; list.scrollTop = " .
            'list.scrollHeight;',
    );
    $this->see('Rule of place 299');
    pauseRule($this, 299);
    expect(draftRules()[298])->toBe($of(299) + ['active' => false]);

    // Moved, deleted and brought back, beside rules that were never on the screen.
    $this->press('More for rule 300');
    $this->press('Move up');
    $this->until(fn(): bool => draftRules()[298]['id'] === 'long-300', fn(): string => $this->text());
    $this->press('More for rule 300');
    $this->press('Delete');
    $this->until(fn(): bool => count(draftRules()) === 299, fn(): string => $this->text());
    foreach (range(1, 3) as $ignored) {
        $this->press('Undo');
    }
    $this->until(fn(): bool => draftRules() === array_map($of, range(1, 300)), fn(): string => $this->text());
});

it('says at publishing which words of which rule are to be chosen, and goes to the first of them', function (): void {
    $of = fn(int $number, array $more): array => [
        'id' => "place-{$number}",
        'name' => "Rule of place {$number}",
        'when' => [['kind' => 'task_arrives']],
        ...$more,
    ];
    $whole = array_map(
        fn(int $number): array => $of($number, ['then' => [['kind' => 'tag', 'tag' => 'seen']]]),
        range(1, 60),
    );
    $pool = ['kind' => 'team', 'team' => 'strings-bench'];
    app(SaveDraft::class)->__invoke(
        [
            $of(0, ['give' => ['pool' => ['kind' => 'people'], 'method' => ['kind' => 'in_order']]]),
            ...$whole,
            $of(61, ['give' => ['pool' => $pool], 'then' => [['kind' => 'tag']]]),
        ],
        LockedDraft::revision(),
        Actor::user(User::query()->where('email', 'hanneke@alderquill.example')->sole()),
    );
    $this->visit('/rulebook');
    $this->press('Publish …');
    $this->see('2 rules are not right or not finished. Press one to go to the word.');
    $this->see('still to be chosen: people');
    $this->see('still to be chosen: how one of them is chosen, tag');
    $this->press('62. Rule of place 61');
    $this->see('(choose)');
    $this->until(
        fn(): bool => $this->browser->switchTo()->activeElement()->getAttribute('aria-label') === 'Method',
        fn(): string => 'The method has not the focus, but ' .
            $this->browser->executeScript('return document.activeElement.outerHTML.slice(0, 600)'),
    );
});

it(
    'shows a draft that no page has made as far as it goes, and lets it be deleted, exported and discarded',
    function (): void {
        app(SaveDraft::class)(
            [
                ['id' => 'a', 'name' => ['x' => 1], 'when' => 5, 'if' => 'abc', 'give' => []],
                ['id' => 'b', 'name' => 'Lists', 'when' => [null, 3], 'then' => null],
                ['id' => 'c', 'name' => 'All right', 'when' => [['kind' => 'task_arrives']]],
            ],
            LockedDraft::revision(),
            Actor::user(User::query()->where('email', 'hanneke@alderquill.example')->sole()),
        );
        $this->visit('/rulebook');
        $this->see('This rule can’t be shown as it stands.');
        $this->see('All right');
        $this->see('Export the draft');
        $this->press('Edit rule 1');
        $this->press('More for rule 1');
        $this->press('Delete');
        $this->until(
            fn(): bool => str_contains($this->text(), 'Draft saved') && count(draftRules()) === 2,
            fn(): string => $this->text(),
        );
        $this->press('Discard');
        $this->press('Discard', "//*[@role='dialog']");
        $this->see('The draft is discarded.');
        expect(RulebookVersion::query()->where('state', VersionState::Draft)->exists())->toBeFalse();
    },
);
