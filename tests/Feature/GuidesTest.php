<?php

declare(strict_types=1);

use App\Guides\GuideText;
use App\Models\Guides\Guide;
use App\Models\Guides\GuideVersion;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;

const OF_REPAIRS = [['about' => 'kind', 'target' => 'bench-repair']];

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->write = fn(string $who, array $data, ?Guide $guide = null): TestResponse => $this->actingAs(
        House::user($who),
    )->call(
        $guide === null ? 'POST' : 'PUT',
        $guide === null ? '/guides' : "/guides/{$guide->slug}",
        $data + [
            'name' => 'Repairs',
            'text' => "# First\n\n- Play it",
            'seen' => $guide->version ?? 0,
            'links' => OF_REPAIRS,
        ],
    );
    $this->props = fn(string $who, string $path = '/guides'): array => $this->actingAs(House::user($who))
        ->get($path)
        ->assertOk()
        ->viewData('page')['props'];
    $this->beside = fn(string $who, Task $task): array => ($this->props)($who, "/tasks/{$task->id}")['task']['guides'];
});

it('is written and changed by leads, with all that it said before', function (): void {
    ($this->write)('ayumi', [])->assertForbidden();
    ($this->write)('hanneke', [])->assertRedirect('/guides?guide=repairs');
    $guide = Guide::query()->sole();
    ($this->write)('hanneke', ['text' => '# First of all'], $guide);
    $shown = ($this->props)('ayumi', '/guides?guide=repairs')['guide'];
    expect([$shown['version'], $shown['text'], $shown['html']])->toBe([2, '# First of all', '<h3>First of all</h3>']);
    expect(array_column($shown['versions'], 'text', 'number'))->toBe([
        2 => '# First of all',
        1 => "# First\n\n- Play it",
    ]);
    // What says the same makes no version.
    ($this->write)('hanneke', ['text' => '# First of all', 'links' => []], $guide->refresh());
    expect($guide->refresh()->version)->toBe(2);
    expect($guide->links()->count())->toBe(0);
});

it('does not lose what one of two who write at once has written', function (): void {
    ($this->write)('hanneke', []);
    $guide = Guide::query()->sole();
    ($this->write)('hanneke', ['text' => 'One.'], $guide);
    ($this->write)('hanneke', ['text' => 'Other.'], $guide);
    expect(GuideVersion::query()->orderBy('number')->pluck('text')->all())->toBe(["# First\n\n- Play it", 'One.']);
});

it('stands beside what it is about, as it is now, and beside nothing once it is out of use', function (
    array $links,
    bool $beside,
): void {
    ($this->write)('hanneke', ['links' => $links])->assertSessionHasNoErrors();
    $task = House::arrive();
    $task->update([
        'facts' => ['task.value' => 300],
        'checklist' => [['text' => 'Parts are on the card', 'done' => false]],
    ]);
    $names = fn(): array => array_column(($this->beside)('ayumi', $task), 'name');
    expect($names())->toBe($beside ? ['Repairs'] : []);
    $guide = Guide::query()->sole();
    ($this->write)('hanneke', ['name' => 'All repairs', 'links' => $links], $guide);
    expect($names())->toBe($beside ? ['All repairs'] : []);
    $this->actingAs(House::user('hanneke'))->post("/guides/{$guide->slug}/retire", ['retired' => true]);
    expect($names())->toBe([]);
    expect(array_column(($this->props)('ayumi')['guides'], 'name'))->toBe([]);
    expect(array_column(($this->props)('hanneke')['guides'], 'name'))->toBe(['All repairs']);
})->with([
    'its kind' => [OF_REPAIRS, true],
    'another kind' => [[['about' => 'kind', 'target' => 'quote']], false],
    'a field that it has' => [[['about' => 'field', 'target' => 'task.value']], true],
    'a field that it has not' => [[['about' => 'field', 'target' => 'task.needed']], false],
    'an item of its checklist' => [[['about' => 'item', 'target' => 'Parts are on the card']], true],
    'the rule that gave it' => [[['about' => 'rule', 'target' => House::roundRule()['id']]], true],
    'two of them' => [[...OF_REPAIRS, ['about' => 'field', 'target' => 'task.value']], true],
]);

it('is about nothing that the house has not', function (array $link): void {
    ($this->write)('hanneke', ['links' => [$link]])->assertSessionHasErrors();
    expect(Guide::query()->count())->toBe(0);
})->with([
    [['about' => 'kind', 'target' => 'singing']],
    [['about' => 'field', 'target' => 'task.songs']],
    [['about' => 'weather', 'target' => 'rain']],
]);

it('says something, and does nothing else', function (string $text, string $html): void {
    expect((new GuideText())->html($text))->toBe($html);
})->with([
    'markup' => ['a <script>alert(1)</script><img src=x onerror=alert(1)> b', '<p>a alert(1) b</p>'],
    'a block of it' => ["<div onclick='x'>\nhello\n</div>", ''],
    'a link that runs' => ['[x](javascript:alert(1))', '<p><a>x</a></p>'],
    'a link that holds a page' => ['[x](data:text/html;base64,AAAA)', '<p><a>x</a></p>'],
    'a link out' => [
        '[x](https://selwyn.example/a)',
        '<p><a rel="noopener noreferrer" target="_blank" href="https://selwyn.example/a">x</a></p>',
    ],
    'a picture from outside' => ['![x](https://selwyn.example/a.png)', '<p>https://selwyn.example/a.png</p>'],
    'a picture of another path' => ['![x](/guides/pictures/../../sign-out)', '<p>/guides/pictures/../../sign-out</p>'],
    'one of the house' => [
        '![Felt & cap](/guides/pictures/01arz3ndektsv4rrffq69g5fav)',
        '<p><img src="/guides/pictures/01arz3ndektsv4rrffq69g5fav" alt="Felt &amp; cap" /></p>',
    ],
    'other scripts' => ['שלום **עולם**', '<p>שלום <strong>עולם</strong></p>'],
]);

it('goes down into what is nested so far and no further', function (): void {
    $html = (new GuideText())->html(str_repeat('> ', 5000) . 'x');
    expect(substr_count($html, '<blockquote>'))->toBe(50);
});

it('knows who has looked at it since it changed', function (): void {
    ($this->write)('hanneke', []);
    $guide = Guide::query()->sole();
    $seen = fn(string $who): array => array_map(
        static fn(array $one): array => [$one['readNow'], $one['readByMe']],
        ($this->props)($who)['guides'],
    );
    // Whoever wrote it knows it.
    expect($seen('hanneke'))->toBe([[0, true]]);
    expect($seen('ayumi'))->toBe([[0, false]]);
    $this->postJson('/guides/repairs/read')->assertOk();
    expect($seen('ayumi'))->toBe([[1, true]]);
    expect(($this->beside)('ayumi', House::arrive())[0]['readByMe'])->toBeTrue();
    ($this->write)('hanneke', ['text' => 'Otherwise.'], $guide);
    expect($seen('ayumi'))->toBe([[0, false]]);
    expect(
        array_column(($this->props)('hanneke', '/guides?guide=repairs')['guide']['readers'], 'version', 'name'),
    )->toEqual([
        'Ayumi Kato' => 1,
    ]);
});

it('goes back to whoever wrote it, as a task of theirs, when it is not right', function (): void {
    ($this->write)('hanneke', []);
    $say = fn(array $more = []): TestResponse => $this->actingAs(House::user('ayumi'))->postJson(
        '/guides/repairs/not-right',
        $more + ['what' => 'Felts come last.'],
    );
    // Nobody has said yet of which kind such tasks are.
    $say()->assertStatus(409);
    $this->actingAs(House::user('ayumi'))
        ->put('/guides/kind', ['kind' => 'quote'])
        ->assertForbidden();
    $say(['kind' => 'bench-repair'])->assertCreated();
    $this->actingAs(House::user('hanneke'))
        ->put('/guides/kind', ['kind' => 'quote'])
        ->assertRedirect();
    $say(['kind' => 'bench-repair'])->assertCreated();
    [$first, $second] = Task::query()
        ->with(['kind', 'assignee'])
        ->orderBy('number')
        ->get()
        ->all();
    expect([$first->kind?->slug, $second->kind?->slug])->toBe(['bench-repair', 'quote']);
    expect($second->title)->toBe('The guide “Repairs” is not right');
    expect($second->description)->toStartWith("Felts come last.\n\n")->toEndWith('/guides?guide=repairs');
    expect([$second->assignee?->slug, $second->creator_id])->toBe(['hanneke', House::person('ayumi')->id]);
    Guide::query()->update(['author_id' => null]);
    $say()->assertStatus(409);
    expect(Task::query()->count())->toBe(2);
});

it('is looked up in as many steps for many as for one', function (): void {
    $task = House::arrive();
    $count = function (Closure $what): int {
        $what();
        DB::enableQueryLog();
        DB::flushQueryLog();
        $what();

        return count(DB::getQueryLog());
    };
    ($this->write)('hanneke', []);
    $list = fn() => ($this->props)('ayumi');
    $beside = fn() => ($this->beside)('ayumi', $task);
    [$one, $byTask] = [$count($list), $count($beside)];
    for ($number = 0; $number < 9; ++$number) {
        ($this->write)('hanneke', ['name' => "Repairs {$number}"]);
    }
    expect($list()['guides'])->toHaveCount(10);
    expect($beside())->toHaveCount(10);
    expect([$count($list) <= $one, $count($beside) <= $byTask])->toBe([true, true]);
});
