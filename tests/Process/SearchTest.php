<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use App\Tasks\TaskSearch;
use Database\Factories\Customers\CustomerFactory;
use Database\Factories\Tasks\TaskFactory;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

// Here, since the database's index of words knows only what is committed.

beforeEach(function (): void {
    $school = CustomerFactory::new()->named('Carrow Head Community School')->create();
    $band = CustomerFactory::new()->named('Carrow Silver Band')->create();
    $task = static fn(string $title): TaskFactory => TaskFactory::new()->titled($title);
    $task('Trumpet, stuck valve')
        ->of($school)
        ->create(['arrived_at' => '2026-03-02 09:00:00']);
    $task('Trombone, dented bell')
        ->of($band)
        ->create(['arrived_at' => '2026-03-02 10:00:00']);
    $task('Trumpet, worn felts')
        ->of($band)
        ->heldBy(House::person('femi'))
        ->create(['arrived_at' => '2026-03-02 11:00:00']);
    $task('Trumpet, lost mouthpiece')
        ->in(TaskStatus::Done)
        ->create(['arrived_at' => '2026-03-03 12:00:00']);
    $task('Flügelhorn à l’ancienne')->create(['arrived_at' => '2026-03-01 12:00:00']);
});

/** @return list<string> */
function titlesFound(string $text, int $most = 12, string $who = 'hanneke'): array
{
    return array_values(app(TaskSearch::class)->find($text, $most, House::user($who))->pluck('title')->all());
}

it(
    'finds tasks by the beginnings of words in title or customer, open ones first, the latest before',
    function (): void {
        foreach (
            [
                'a word' => ['trombone', ['Trombone, dented bell']],
                'the beginning of one' => [
                    'trum',
                    ['Trumpet, worn felts', 'Trumpet, stuck valve', 'Trumpet, lost mouthpiece'],
                ],
                'all of several, in any order' => ['valve trumpet', ['Trumpet, stuck valve']],
                'words that are not all there' => ['trumpet bell', []],
                'a customer' => ['silver', ['Trumpet, worn felts', 'Trombone, dented bell']],
                'two customers' => ['carrow', ['Trumpet, worn felts', 'Trombone, dented bell', 'Trumpet, stuck valve']],
                'an accent' => ['flügel', ['Flügelhorn à l’ancienne']],
                'the middle of a word' => ['umpet', []],
                'nothing to look for' => ['tr', []],
                'signs that mean something to an index' => ['+trombone* -"bell" (~<>@)', ['Trombone, dented bell']],
                'nothing but signs' => ['+-*', []],
            ]
            as $what => [$text, $titles]
        ) {
            expect(titlesFound($text))->toBe($titles, $what);
        }
    },
);

it('finds a task by its number, and no more than asked for', function (): void {
    $task = Task::query()->where('title', 'Trombone, dented bell')->sole();
    expect(titlesFound((string) $task->number))->toBe(['Trombone, dented bell']);
    expect(titlesFound("№ {$task->number}"))->toBe(['Trombone, dented bell']);
    expect(titlesFound('999999999'))->toBe([]);
    expect(titlesFound('trumpet', 2))->toBe(['Trumpet, worn felts', 'Trumpet, stuck valve']);
});

it('finds for somebody the tasks that they see, as many as they ask for', function (): void {
    expect(titlesFound('trumpet', who: 'tobias'))->toBe([]);
    expect(titlesFound('trumpet', who: 'femi'))->toBe(['Trumpet, worn felts']);

    // Femi is in their team.
    expect(titlesFound('silver', 1, 'callum'))->toBe(['Trumpet, worn felts']);
    expect(titlesFound('carrow', who: 'callum'))->toBe(['Trumpet, worn felts']);
});

it('goes through the index of words and never through all tasks', function (): void {
    DB::enableQueryLog();
    titlesFound('trumpet carrow');
    titlesFound('trumpet carrow', who: 'femi');
    $queries = DB::getQueryLog();
    DB::disableQueryLog();
    $types = [];
    foreach ($queries as $query) {
        if (str_contains($query['query'], 'match')) {
            $types[] = DB::select('EXPLAIN ' . $query['query'], $query['bindings'])[0]->type;
        }
    }
    expect(count($types))->toBeGreaterThan(3);
    expect(array_unique($types))->toBe(['fulltext']);
});

it('finds customers by the beginnings of words in their name', function (): void {
    $find = fn(string $text): array => array_column(
        $this->actingAs(House::user('hanneke'))
            ->getJson('/tasks/new/customers?q=' . urlencode($text))
            ->assertOk()
            ->json('found'),
        'label',
    );
    foreach (
        [
            'a word' => ['school', ['Carrow Head Community School', 'The Holms Primary School']],
            'beginnings, in any order' => ['scho carr', ['Carrow Head Community School']],
            'a word that is in no index' => ['the holms', ['The Holms Primary School']],
            'the middle of a word' => ['arrow', []],
            'two letters' => ['Ca', ['Carrow Head Community School', 'Carrow Silver Band']],
        ]
        as $what => [$text, $names]
    ) {
        expect($find($text))->toBe($names, $what);
    }
});
