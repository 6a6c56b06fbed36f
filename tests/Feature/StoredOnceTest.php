<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use Tests\Support\House;

/** @return array<string, int> how often a text stands in each table */
function standsIn(string $text): array
{
    $found = [];
    $columns = DB::table('information_schema.columns')
        ->where('table_schema', DB::connection()->getDatabaseName())
        ->whereIn('data_type', ['text', 'mediumtext', 'longtext', 'varchar'])
        ->get(['table_name AS of', 'column_name AS name']);
    foreach ($columns as $column) {
        foreach (
            DB::table($column->of)
                ->where($column->name, 'like', "%{$text}%")
                ->pluck($column->name)
            as $value
        ) {
            $found["{$column->of}.{$column->name}"] =
                ($found["{$column->of}.{$column->name}"] ?? 0) + substr_count((string) $value, $text);
        }
    }
    ksort($found);

    return $found;
}

it('stores what strangers write once, whatever becomes of the task', function (): void {
    House::open();
    House::publish(
        ['if' => ['field' => 'task.title', 'op' => 'contains', 'value' => 'trumpet'], 'id' => 'named'] +
            House::roundRule(),
        [
            'id' => 'any',
            'name' => 'Any',
            'when' => [
                ['kind' => 'task_arrives'],
                ['kind' => 'status_becomes', 'statuses' => ['working', 'done']],
                ['kind' => 'comment_added', 'by' => 'anyone'],
            ],
            'then' => [['kind' => 'tag', 'tag' => 'seen']],
        ],
    );
    $text = 'A heron stands on the quay and waits';
    $this->post('/stand-ins/web-form', [
        'title' => 'Trumpet',
        'kind' => 'bench-repair',
        'description' => $text,
        'contact' => 'heron@quay.example',
    ])->assertSessionHasNoErrors();
    $task = Task::query()->sole();
    expect(standsIn($text))->toBe(['tasks.description' => 1]);
    expect(standsIn('heron@quay.example'))->toBe(['tasks.contact' => 1]);
    $this->actingAs(House::user('hanneke'));
    $this->post("/tasks/{$task->id}/start");
    $this->post("/tasks/{$task->id}/comment", ['body' => 'Look at it.']);
    $this->post("/tasks/{$task->id}/hand-on", ['to' => 'tobias', 'reason' => 'Tobias has time.']);
    $this->post("/tasks/{$task->id}/complete");
    expect(standsIn($text))->toBe(['tasks.description' => 1]);
    expect(standsIn('heron@quay.example'))->toBe(['tasks.contact' => 1]);
});
