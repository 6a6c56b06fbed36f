<?php

declare(strict_types=1);

use App\Documents\SchemaCheck;
use Illuminate\Contracts\Process\ProcessResult;
use Illuminate\Support\Facades\Process;

function decideCommand(string $input): ProcessResult
{
    return Process::path(base_path())
        ->input($input)
        ->run([PHP_BINARY, '-d', 'pcov.enabled=0', 'bin/decide.php', '-']);
}

it('writes one decision a line, as its schema says', function (): void {
    $result = decideCommand((string) file_get_contents(base_path('docs/examples/brass-repair.world.json')));
    $lines = explode("\n", trim($result->output()));
    expect($result->exitCode())->toBe(0);
    expect($lines)->toHaveCount(4);
    foreach ($lines as $line) {
        SchemaCheck::check('decision', json_decode($line));
    }
    expect(json_decode($lines[2])->assignee)->toBe('tobias-lindqvist');
});

it('answers a document that is wrong with the pointer and the reason, and 2', function (
    Closure $spoil,
    string $said,
): void {
    $world = json_decode((string) file_get_contents(base_path('docs/examples/brass-repair.world.json')), true);
    $result = decideCommand((string) json_encode($spoil($world)));
    expect($result->exitCode())->toBe(2);
    expect($result->output())->toBe('');
    expect(trim($result->errorOutput()))->toBe($said);
})->with([
    'what the core refuses' => [
        function (array $w): array {
            $w['events'][0]['task']['facts']['task.family'] = 'kazoo';

            return $w;
        },
        '/events/0/task/facts/task.family: "kazoo" is not a value of Instrument family; its values are brass, strings.',
    ],
    'a member that is not known' => [
        function (array $w): array {
            $w['rulebook']['rules'][1]['give']['limits'][0]['extra'] = 1;

            return $w;
        },
        '/rulebook/rules/1/give/limits/0/extra: There is no such member; the known ones are kind, tasks, ' .
        'count_waiting.',
    ],
]);

it('tells what became of the examples', function (string $example, array $expected): void {
    $json = (string) file_get_contents(base_path("docs/examples/{$example}.world.json"));
    SchemaCheck::check('world', json_decode($json));
    $told = array_map(static function (string $line): string {
        $decision = json_decode($line);
        if (isset($decision->openbaton)) {
            return "{$decision->event} refused {$decision->why}";
        }
        SchemaCheck::check('decision', $decision);

        return implode(
            ' ',
            array_filter(
                [
                    $decision->chain->of,
                    $decision->task ?? ($decision->case ?? $decision->customer),
                    $decision->rule,
                    $decision->outcome,
                    $decision->assignee,
                    $decision->chain->caused_by === null ? null : "after {$decision->chain->caused_by}",
                    $decision->chain->cut->reason ?? null,
                ],
                is_string(...),
            ),
        );
    }, explode("\n", trim(decideCommand($json)->output())));
    expect($told)->toBe($expected);
})->with([
    'a repair is checked, never by whoever did it; sent back it is theirs; checked again by the next' => [
        'review',
        [
            'e1 trombone to-quality assigned greta-solheim',
            'e2 trombone sent-back kept winnie-achieng',
            'e3 trombone to-quality assigned jun-morita',
        ],
    ],
    'a claim a day overdue goes to the lead, once' => ['overdue-claim', ['e2:1 claim overdue assigned sunniva-aas']],
    'a hire that ends brings a call back, whose date moves with it, and no second one while that is open' => [
        'hire-ends',
        [
            'e2:1 tarn-cross kept nadia-haddad',
            'e2:1 tarn-cross.1 owner assigned nadia-haddad after 0',
            'e3 tarn-cross.1 kept nadia-haddad after 0',
            'e5:1 tarn-cross kept nadia-haddad',
        ],
    ],
    'two approve a large repair, neither of whom made the estimate; one of them for somebody who is away' => [
        'repair',
        [
            'e1 horn kept greta-solheim',
            'e2 look kept greta-solheim',
            'e5 horn kept greta-solheim',
            'e5 horn.1 kept marek-dobry after 0',
            'e5 horn.2 kept hanneke-de-wit after 0',
            'e6 refused gate_closed',
            'e8 refused not_asked',
            'e9 horn kept greta-solheim',
        ],
    ],
    'two rules that go round end, and it is told' => [
        'circle',
        [
            'e1 claim kept hugo-lemaire circle',
            'e1 claim kept hugo-lemaire after 0 circle',
            'e1 claim kept hugo-lemaire after 1 circle',
        ],
    ],
]);

it('answers what is no JSON and what is no file', function (): void {
    expect(decideCommand('{')->exitCode())->toBe(2);
    expect(decideCommand('{')->errorOutput())->toContain('This is not JSON');
    expect(
        Process::path(base_path())
            ->run([PHP_BINARY, 'bin/decide.php', '/nowhere.json'])
            ->exitCode(),
    )->toBe(2);
});
