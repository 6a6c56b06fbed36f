<?php

declare(strict_types=1);

use App\Models\Access\Role;
use App\Models\Tasks\Task;
use Database\Factories\Access\UserFactory;
use OpenBaton\Core\Document\TextLimits;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/LongTextsFunctions.php';

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
    expect($send(str_repeat('🎺', $most + 1)))->toBe(422, 'One more');

    // 409: it has changed in the meantime, which is asked after what is sent is found right.
    expect($send(str_repeat('🎺', $most)))->toBeIn([200, 201, 302, 409], 'As long as it may be');
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
    expect(mb_strlen($made->title))->toBe(TextLimits::NAME);
    expect(mb_strlen((string) $made->description))->toBe(TextLimits::DETAILS);
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
