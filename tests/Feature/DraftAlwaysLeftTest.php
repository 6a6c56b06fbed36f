<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;
use App\Rules\LockedDraft;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\RulebookFormat;
use Tests\Support\House;
use Tests\Support\PropTypes;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

/** @return array<string, mixed> criteria with so many groups around a comparison */
function nested(int $groups): array
{
    $criteria = ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'];
    for ($group = 0; $group < $groups; ++$group) {
        $criteria = ['all' => [$criteria]];
    }

    return $criteria;
}

/** @return array<string, list<mixed>> drafts such as programs and accidents write */
function oddDrafts(): array
{
    return [
        'no shape at all' => [['id' => 'a', 'name' => ['x' => 1], 'when' => 5, 'if' => 'abc', 'give' => []]],
        'nothing in its place' => [
            ['id' => 'a', 'name' => null, 'when' => [null, 3], 'then' => null, 'valid_from' => []],
        ],
        'deeper than criteria go' => [['if' => nested(33)] + House::roundRule()],
        'deeper than the database reads' => [['if' => nested(200)] + House::roundRule()],
        'lists in lists' => [
            [
                'id' => 'a',
                'name' => 'Lists',
                'when' => array_reduce(range(1, 300), static fn(array $inner): array => [$inner], []),
            ],
        ],
        'thousands of faults' => [
            ['id' => 'a', 'name' => 'Wrong', 'when' => [['kind' => 'task_arrives']], 'then' => range(1, 50_000)],
        ],
        'thousands of rules that are none' => array_map(
            static fn(int $number): array => ['id' => "r{$number}"],
            range(1, 5_000),
        ),
        'a rule of a megabyte' => [['id' => 'a', 'name' => str_repeat('ä', 500_000), 'when' => []]],
        'signs that mean something elsewhere' => [
            ['id' => '</script><script>alert(1)</script>', 'name' => "\u{202e}\u{0}\u{7f}", 'when' => []],
        ],
    ];
}

it('opens its page whatever is in it, says what is wrong, and is exported and discarded', function (
    string $draft,
): void {
    $saved = $this->putJson('/rulebook/draft', ['rules' => oddDrafts()[$draft], 'revision' => LockedDraft::revision()]);
    if ($draft === 'signs that mean something elsewhere') {
        $saved->assertUnprocessable();

        return;
    }
    expect(count($saved->assertOk()->json('faults')))->toBeGreaterThan(0)->toBeLessThanOrEqual(Faults::MOST);
    $page = $this->get('/rulebook')->assertOk();
    expect(count($page->viewData('page')['props']['draft']['faults']))->toBeGreaterThan(0);
    $row = RulebookVersion::query()->draft()->sole();
    $file = $this->get("/rulebook/export?version={$row->id}")
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="rulebook-draft.json"');
    expect(json_decode((string) $file->getContent(), true, 1024)['rules'])->toBe($row->rules);
    $this->post('/rulebook/publish', ['revision' => $saved->json('revision')])->assertSessionHas('problem');
    $this->delete('/rulebook/draft', ['revision' => $saved->json('revision')])->assertRedirect('/rulebook');
    expect(RulebookVersion::query()->draft()->exists())->toBeFalse();
    expect(RulebookVersion::query()->published()->sole()->number)->toBe(1);
})->with(fn(): array => array_keys(oddDrafts()));

it('goes by criteria that are 32 groups deep, and says where they are deeper', function (): void {
    $put = fn(int $groups): array => $this->putJson('/rulebook/draft', [
        'rules' => [['if' => nested($groups)] + House::roundRule()],
        'revision' => LockedDraft::revision(),
    ])
        ->assertOk()
        ->json();
    expect($put(33)['faults'])->toBe([
        [
            'pointer' => '/rules/0/if' . str_repeat('/all/0', 33),
            'member' => 'all',
            'reason' => 'Groups are nested more than 32 deep; split the rule in two.',
            'unfinished' => false,
        ],
    ]);
    $saved = $put(32);
    expect($saved['faults'])->toBe([]);
    $this->post('/rulebook/publish', ['revision' => $saved['revision']])->assertSessionHas(
        'done',
        'Version 2 is published.',
    );
    $task = House::arrive('quote');
    expect($task->assignee_id)->not->toBeNull();
    $file = (string) $this->get('/rulebook/export')->getContent();
    $this->call(
        'POST',
        '/rulebook/import?revision=' . LockedDraft::revision(),
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        $file,
    )->assertOk();
});

it(
    'refuses rules that are larger than a rulebook may be, or take too long, before anything changes',
    function (): void {
        $before = DB::table('rulebook_versions')->get()->all();
        $large = array_map(
            static fn(int $number): array => ['id' => "r{$number}", 'name' => str_repeat('x', 1000)],
            range(1, 4_400),
        );
        expect(strlen((string) json_encode($large)))->toBeGreaterThan(RulebookFormat::LARGEST);
        $this->putJson('/rulebook/draft', ['rules' => $large, 'revision' => LockedDraft::revision()])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0', [
                'pointer' => '/rules',
                'detail' => 'All rules together have at most 4 MB; these have 4.3 MB.',
            ]);
        config()->set('baton.draft_seconds', 0);
        $this->putJson('/rulebook/draft', [
            'rules' => [House::roundRule(), ['id' => 'second'] + House::roundRule()],
            'revision' => LockedDraft::revision(),
        ])
            ->assertUnprocessable()
            ->assertJsonPath(
                'errors.0.detail',
                'Reading the rules up to here has taken more than 0 seconds. Nothing is saved; try again, or ' .
                    'save fewer at a time.',
            );
        expect(DB::table('rulebook_versions')->get()->all())->toEqual($before);
    },
);

it('tells the page what it says of the draft', function (): void {
    $this->putJson('/rulebook/draft', [
        'rules' => [House::roundRule()],
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    expect(
        PropTypes::check('draft', [
            ['RulebookPage', 'RulebookPageProps', $this->get('/rulebook')->viewData('page')['props']],
        ]),
    )->toBe('');
});

it('reads no more of a body than its address takes', function (string $method, string $path, int $kilobytes): void {
    $send = fn(int $bytes): int => $this->call(
        $method,
        $path,
        [],
        [],
        [],
        [
            'CONTENT_TYPE' => 'application/json',
            'HTTP_ACCEPT' => 'application/json',
            'CONTENT_LENGTH' => (string) $bytes,
        ],
        '{"a":"' . str_repeat('x', $bytes - 8) . '"}',
    )->getStatusCode();
    expect($send($kilobytes * 1024))->not->toBe(413)->toBeLessThan(500);
    expect($send($kilobytes * 1024 + 1))->toBe(413);
})->with([
    ['POST', '/api/v1/tasks', 512],
    ['POST', '/tasks', 2_048],
    ['PUT', '/rulebook/draft', 6_144],
    ['POST', '/roster/import', 6_144],
    ['POST', '/stand-ins/web-form', 64],
    ['POST', '/sign-in', 2_048],
]);
