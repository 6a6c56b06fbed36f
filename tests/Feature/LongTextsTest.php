<?php

declare(strict_types=1);

use App\Models\Access\Role;
use App\Models\Tasks\Task;
use Database\Factories\Access\UserFactory;
use OpenBaton\Core\Document\TextLimits;
use Tests\Support\Clock;
use Tests\Support\House;

/**
 * @return array<string, array{string, string, Closure(string): array<string, mixed>, int}> method, address, what is
 *     sent with a text, and how long that may be
 */
function longTexts(): array
{
    $task = '/tasks/{task}';
    $rule = static fn(array $changes): Closure => static fn(string $text): array => [
        'revision' => 1,
        'rules' => [
            array_map(static fn(mixed $value): mixed => $value === 'TEXT' ? $text : $value, $changes) +
            House::roundRule(),
        ],
    ];

    return [
        'a title' => [
            'POST',
            '/tasks',
            static fn(string $text): array => ['title' => $text, 'kind' => 'bench-repair'],
            TextLimits::TITLE,
        ],
        'a description' => [
            'POST',
            '/tasks',
            static fn(string $text): array => ['title' => 'T', 'kind' => 'bench-repair', 'description' => $text],
            TextLimits::DETAILS,
        ],
        'a contact' => [
            'POST',
            '/tasks',
            static fn(string $text): array => ['title' => 'T', 'kind' => 'bench-repair', 'contact' => $text],
            TextLimits::TITLE,
        ],
        'a tag' => [
            'POST',
            '/tasks',
            static fn(string $text): array => ['title' => 'T', 'kind' => 'bench-repair', 'tags' => [$text]],
            TextLimits::TAG,
        ],
        'a comment' => [
            'POST',
            "{$task}/comment",
            static fn(string $text): array => ['body' => $text],
            TextLimits::PROSE,
        ],
        'why it waits' => [
            'POST',
            "{$task}/wait",
            static fn(string $text): array => ['reason' => $text],
            TextLimits::NAME,
        ],
        'why it is handed on' => [
            'POST',
            "{$task}/hand-on",
            static fn(string $text): array => ['to' => 'tobias', 'reason' => $text],
            TextLimits::REASON,
        ],
        'why it is dropped' => [
            'POST',
            "{$task}/drop",
            static fn(string $text): array => ['reason' => $text],
            TextLimits::REASON,
        ],
        'a note when it is done' => [
            'POST',
            "{$task}/complete",
            static fn(string $text): array => ['note' => $text],
            TextLimits::PROSE,
        ],
        'a place' => ['POST', '/places', static fn(string $text): array => ['name' => $text], TextLimits::NAME],
        'a person' => [
            'POST',
            '/people',
            static fn(string $text): array => ['document' => ['name' => $text]],
            TextLimits::NAME,
        ],
        'a team' => [
            'PUT',
            '/roster/teams',
            static fn(string $text): array => ['document' => ['name' => $text, 'members' => []]],
            TextLimits::NAME,
        ],
        'a skill' => [
            'PUT',
            '/roster/skills',
            static fn(string $text): array => ['document' => ['name' => $text]],
            TextLimits::NAME,
        ],
        'a note on an absence' => [
            'POST',
            '/absences',
            static fn(string $text): array => [
                'person' => 'callum',
                'kind' => 'leave',
                'days' => true,
                'first' => '2026-03-16',
                'last' => '2026-03-17',
                'note' => $text,
            ],
            TextLimits::NOTE,
        ],
        'why nothing is taken' => [
            'POST',
            '/people/callum/pause',
            static fn(string $text): array => ['until' => '2026-03-05T10:00:00Z', 'reason' => $text],
            TextLimits::NAME,
        ],
        'a kind' => [
            'POST',
            '/house/kinds',
            static fn(string $text): array => ['slug' => 'k', 'name' => $text, 'minutes' => 5],
            TextLimits::LABEL,
        ],
        'a guide' => [
            'POST',
            '/house/kinds',
            static fn(string $text): array => ['slug' => 'k', 'name' => 'K', 'minutes' => 5, 'guide' => $text],
            TextLimits::GUIDE,
        ],
        'a field' => [
            'POST',
            '/house/fields',
            static fn(string $text): array => ['of' => 'task', 'name' => 'f', 'label' => $text, 'type' => 'text'],
            TextLimits::LABEL,
        ],
        'a checklist' => [
            'POST',
            '/house/checklists',
            static fn(string $text): array => ['slug' => 'c', 'name' => $text, 'items' => ['x']],
            TextLimits::LABEL,
        ],
        'an item of one' => [
            'POST',
            '/house/checklists',
            static fn(string $text): array => ['slug' => 'c', 'name' => 'C', 'items' => [$text]],
            TextLimits::NAME,
        ],
        'a name at the stand-in' => [
            'POST',
            '/stand-ins/personnel',
            static fn(string $text): array => [
                'name' => $text,
                'first_day' => '2026-03-16',
                'last_day' => '2026-03-17',
            ],
            TextLimits::NAME,
        ],
        'a sign-in' => [
            'POST',
            '/sign-ins',
            static fn(string $text): array => ['name' => $text, 'email' => 'x@alderquill.example', 'role' => 'lead'],
            TextLimits::NAME,
        ],
        'a token' => [
            'POST',
            '/tokens',
            static fn(string $text): array => [
                'name' => $text,
                'user' => House::user('hanneke')->id,
                'abilities' => ['tasks:read'],
                'until' => '2026-06-01',
            ],
            TextLimits::LABEL,
        ],
        'a note on a version' => [
            'POST',
            '/rulebook/publish',
            static fn(string $text): array => ['note' => $text, 'revision' => 99],
            TextLimits::NOTE,
        ],
    ];
}

it('takes texts as long as they may be, of characters of four bytes too, and refuses one character more', function (
    string $what,
): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $task = House::arrive();
    [$method, $path, $body, $most] = longTexts()[$what];
    $this->actingAs(
        in_array($what, ['a sign-in', 'a token'], true)
            ? UserFactory::new()->who(Role::Administrator)->create()
            : House::user('hanneke'),
    );
    $send = function (string $text) use ($method, $path, $body, $task): int {
        app()->forgetScopedInstances();

        return $this->json($method, strtr($path, ['{task}' => $task->id]), $body($text))->getStatusCode();
    };
    expect($send(str_repeat('🎺', $most + 1)))
        ->toBe(422, 'One more')
        // 409: it has changed in the meantime, which is asked after what is sent is found right.
        ->and($send(str_repeat('🎺', $most)))
        ->toBeIn([200, 201, 302, 409], 'As long as it may be');
})->with(fn(): array => array_keys(longTexts()));

it('cuts what rules put together to the length of what is written by hand', function (): void {
    House::open();
    House::publish(
        House::rule(
            'chain',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
            House::roundRule()['give'],
            [
                [
                    'kind' => 'create_task',
                    'task_kind' => 'quote',
                    'title' => '~task.title~ and ~task.title~',
                    'details' => str_repeat('~task.title~ ', 150),
                ],
            ],
        ),
    );
    $task = House::arrive(title: str_repeat('🎺', TextLimits::TITLE));
    $made = Task::query()->where('made_by_id', $task->id)->sole();
    expect(mb_strlen($made->title))
        ->toBe(TextLimits::NAME)
        ->and(mb_strlen((string) $made->description))
        ->toBe(TextLimits::DETAILS);
});

it('holds whatever instant rules and people come to, and refuses those beyond with the place', function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule('needed', ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'], House::roundRule()['give'], [
            ['kind' => 'due_from', 'date_field' => 'task.needed', 'offset' => '+3660 days'],
        ]),
        [
            'id' => 'near',
            'name' => 'Near',
            'when' => [['kind' => 'date_reached', 'field' => 'task.needed', 'offset' => '+3660 days']],
            'then' => [['kind' => 'tag', 'tag' => 'near']],
        ],
    );
    foreach (['2039-01-01' => '2049', '2999-12-31' => '3010', '1900-01-01' => null] as $needed => $year) {
        expect(House::arrive('quote', ['task.needed' => $needed])->due_at?->format('Y'))->toBe($year);
    }
    $this->actingAs(House::user('hanneke'));
    foreach (['3000-01-01', '1899-12-31', '9999-12-31'] as $beyond) {
        $this->postJson('/tasks', ['title' => 'T', 'kind' => 'quote', 'fields' => ['task.needed' => $beyond]])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0', [
                'pointer' => '/fields/task.needed',
                'detail' => 'A date in the years from 1900 to 2999 belongs here.',
            ]);
        $this->postJson('/tasks', ['title' => 'T', 'kind' => 'quote', 'due' => "{$beyond}T10:00:00Z"])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0', [
                'pointer' => '/due',
                'detail' => 'A moment in the years from 1900 to 2999 belongs here.',
            ]);
    }
    $absence = static fn(string $from, string $to): array => [
        'absences' => [['id' => 'far', 'person' => 'femi', 'from' => $from, 'to' => $to, 'status' => 'approved']],
    ] + House::roster();
    $this->postJson('/roster/import', $absence('2044-01-01T10:00:00Z', '2044-01-02T10:00:00Z'))->assertSuccessful();
    $this->postJson('/roster/import', $absence('3044-01-01T10:00:00Z', '3044-01-02T10:00:00Z'))
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/absences/0/from');
});
