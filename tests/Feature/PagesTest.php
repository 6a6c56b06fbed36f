<?php

declare(strict_types=1);

use App\Access\Actor;
use App\People\ImportRoster;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\Node;
use Tests\Support\House;
use Tests\Support\OpenPage;

require_once __DIR__ . '/PagesFunctions.php';

beforeEach(function (): void {
    beginPages();
});

it('sends people to their place', function (): void {
    $this->get('/floor')->assertRedirect('/sign-in');
    $this->actingAs(House::user('hanneke'))->get('/')->assertRedirect('/floor');
    $this->actingAs(House::user('ayumi'))->get('/')->assertRedirect('/in-hand');
});

it('shows the floor as it is', function (): void {
    House::arrive();
    House::arrive('quote');
    $props = propsOf($this, 'hanneke', '/floor');
    $lanes = array_column($props['lanes'], null, 'slug');
    expect($lanes['ayumi']['openTasks'])->toBe(1);
    expect($lanes['callum']['state'])->toBe('away');
    expect($lanes['callum']['substitutes'])->toBe([['slug' => 'femi', 'name' => 'Femi Adeyinka']]);
    expect(array_column($props['unplaced'], 'kind'))->toBe(['Quote']);
    expect($props['handoffs'][0]['to']['slug'])->toBe('ayumi');
    expect($props['status']['unplaced'])->toBe(1);
    expect($props['status']['away'][0]['slug'])->toBe('callum');
});

it('sends the first lanes of the floor, and others as they come into view', function (): void {
    $roster = House::roster();
    $extra = array_map(static fn(int $one): array => ['id' => "extra-{$one}", 'name' => "Extra {$one}"], range(0, 59));
    app(ImportRoster::class)->__invoke(
        Node::root(['people' => [...$roster['people'], ...$extra]] + $roster),
        false,
        Actor::system('test'),
    );
    $this->actingAs(House::user('hanneke'));
    $floor = static fn(string $query, array $headers = []): array => test()
        ->get("/floor{$query}", $headers)
        ->assertOk()
        ->json('props') ?? [];
    $whole = propsOf($this, 'hanneke', '/floor');
    $named = array_merge(...array_column($whole['teams'], 'people'));
    $part = OpenPage::visits() + ['X-Inertia-Partial-Component' => 'Floor/Floor', 'X-Inertia-Partial-Data' => 'lanes'];
    expect(count(array_unique(array_column($named, 'slug'))))->toBeGreaterThan(60);
    expect(count($whole['lanes']))->toBeLessThanOrEqual(40);
    expect(array_column($whole['lanes'], 'slug'))->not->toContain('extra-59');
    expect(array_column($floor('?lanes=extra-59,nobody,ayumi', $part)['lanes'], 'slug'))->toEqualCanonicalizing([
        'extra-59',
        'ayumi',
    ]);
    expect(
        $floor(
            '?lanes=' . implode(',', array_map(static fn(int $one): string => "nobody-{$one}", range(1, 200))),
            $part,
        )['lanes'],
    )->toBe([]);
});

it('shows members what is in their hands, and why', function (): void {
    $task = House::arrive();
    $props = propsOf($this, 'ayumi', '/in-hand');
    expect(array_column($props['tasks'], 'id'))->toBe([$task->id]);
    expect($props['task']['reasons'][0]['trail']['pick']['name'])->toBe('Ayumi Kato');
    expect($props['task']['reasons'][0]['trail']['steps'][2]['fallen'][0]['reason'])->toStartWith('away until ');
    expect($props['task']['may'])->toBe([
        'edit' => true,
        'start' => true,
        'wait' => true,
        'postpone' => true,
        'take_up' => false,
        'to_hand_on' => true,
        'keep' => false,
        'give_back' => false,
        'ask_review' => true,
        'take_back' => false,
        'send_back' => false,
        'approve' => false,
        'complete' => true,
        'reopen' => false,
        'hand_on' => true,
        'hand_review' => false,
        'claim' => false,
        'take_off' => false,
        'drop' => true,
    ]);
    expect(propsOf($this, 'tobias', '/in-hand')['tasks'])->toBe([]);
});

it('says in words why each rule did not act', function (): void {
    $task = House::arrive('quote');
    $verdicts = propsOf($this, 'hanneke', "/tasks/{$task->id}")['task']['reasons'][0]['trail']['verdicts'];
    expect(array_column($verdicts, 'sentence'))->toBe([
        'It asks that Kind of task is Bench repair; it was Quote.',
        'It asks that Repaired by is filled in; it was empty.',
    ]);
});

it('asks no more of the database for more rows', function (string $url): void {
    $count = function () use ($url): int {
        $this->actingAs(House::user('hanneke'))->get($url)->assertOk();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get($url)->assertOk();
        $number = count(DB::getQueryLog());
        DB::disableQueryLog();

        return $number;
    };
    House::arrive();
    House::arrive();
    House::arrive('quote');
    $few = $count();
    for ($more = 0; $more < 12; ++$more) {
        House::arrive($more % 3 === 0 ? 'quote' : 'bench-repair');
    }
    expect($count())->toBe($few);
})->with(['/floor', '/in-hand', '/rulebook', '/floor?person=ayumi', '/search?q=Trumpet']);

it('says by its stamp when something has changed', function (): void {
    $this->actingAs(House::user('ayumi'));
    $before = $this->getJson('/pulse')->json('stamp');
    expect($this->getJson('/pulse')->json('stamp'))->toBe($before);
    $task = House::arrive();
    $arrived = $this->getJson('/pulse')->json('stamp');
    $this->post("/tasks/{$task->id}/start", ['from' => 'in-hand']);
    $started = $this->getJson('/pulse')->json('stamp');
    expect(count(array_unique([$before, $arrived, $started])))->toBe(3);
});

it('asks one small query for the stamp, whoever looks', function (): void {
    $this->actingAs(House::user('ayumi'));
    DB::enableQueryLog();
    $this->getJson('/pulse')->assertOk();
    expect(DB::getQueryLog())->toHaveCount(1);
});

it('gives no stamp to a stranger', function (): void {
    $this->getJson('/pulse')->assertUnauthorized();
});
