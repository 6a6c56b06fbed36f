<?php

declare(strict_types=1);

use App\Console\GeneratedFiles;
use App\Documents\SchemaCheck;
use Illuminate\Support\Facades\Process;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\SweepFormat;
use OpenBaton\Core\Document\TrackFormat;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Tests\Support\FullWorld;
use Tests\Support\Cases;

function asJson(mixed $value): mixed
{
    return json_decode((string) json_encode($value));
}

it('has them as they would be generated now', function (string $path): void {
    expect(file_get_contents(base_path($path)))->toBe(GeneratedFiles::all()[$path]);
})->with(array_keys(GeneratedFiles::all()));

it('has the types of rulebooks as they would be generated now', function (): void {
    $command = str_replace(
        '-o resources/js/generated/rulebook.ts',
        '',
        json_decode((string) file_get_contents(base_path('package.json')), true)['scripts']['generate'],
    );
    $result = Process::path(base_path())->run('node_modules/.bin/' . $command);
    expect($result->errorOutput())->toBe('');
    expect(trim($result->output()))->toBe(
        trim((string) file_get_contents(base_path('resources/js/generated/rulebook.ts'))),
    );
});

it(
    'has schemas that take what the readers take: a world with every member, its rules as they are written, its ' .
        'decisions',
    function (): void {
        $document = FullWorld::document();
        $world = WorldFormat::read(Node::root($document));
        SchemaCheck::check('world', asJson($document));
        SchemaCheck::check('roster', asJson($document['roster']));
        SchemaCheck::check('rulebook', asJson($document['rulebook']));
        SchemaCheck::check('rulebook', asJson(RulebookFormat::write($world->rulebook)));
        $decisions = 0;
        foreach ($world->decisions() as $decision) {
            SchemaCheck::check('decision', asJson(DecisionFormat::write($decision)));
            ++$decisions;
        }
        expect($decisions)->toBe(10);
    },
);

it('has schemas that take worlds with cases, and the tracks that cases follow', function (): void {
    $document = json_decode((string) file_get_contents(base_path('docs/examples/hire.world.json')), true);
    SchemaCheck::check('world', asJson($document));
    $tracks = WorldFormat::read(Node::root($document))->taskCatalogue->tracks;
    expect(count($tracks))->toBe(count($document['trade']['tracks']));
    foreach ($tracks as $track) {
        SchemaCheck::check('track', asJson(TrackFormat::write($track)));
    }
    SchemaCheck::check('track', asJson(Cases::document()));
});

it('refuses by its schema, too, what the reader of tracks refuses', function (string $path, mixed $value): void {
    $document = Cases::document();
    data_set($document, $path, $value);
    $world = WorldFormat::read(
        Node::root(json_decode((string) file_get_contents(base_path('docs/examples/hire.world.json')), true)),
    );
    $format = new TrackFormat(new RuleContext(KindRegistry::standard(), $world->rulebook->fields, $world->roster));
    expect(static fn() => $format->read(Node::root($document)))->toThrow(DocumentError::class);
    expect(static fn() => SchemaCheck::check('track', asJson($document)))->toThrow(DocumentError::class);
})->with([
    ['openbaton', 'track/2'],
    ['id', 'On hire'],
    ['name', ''],
    ['stages', []],
    ['stages.0.key', 'On hire'],
    ['stages.0.target', 'P3D'],
    ['stages.0.movers.everybody', true],
    ['stages.1.leave.0.kind', 'good_weather'],
    ['stages.1.leave.1.extra', 1],
    ['outcomes', []],
    ['outcomes.0.label', null],
]);

it('refuses by its schema, too, what the reader refuses for its form alone', function (
    string $path,
    mixed $value,
): void {
    $document = FullWorld::document()['rulebook'];
    $place = &$document;
    foreach (explode('/', $path) as $key) {
        $place = &$place[$key];
    }
    $place = $value;
    expect(static fn() => RulebookFormat::read(Node::root($document)))->toThrow(DocumentError::class);
    expect(static fn() => SchemaCheck::check('rulebook', asJson($document)))->toThrow(DocumentError::class);
})->with([
    ['openbaton', 'rulebook/3'],
    ['rules/0/id', ''],
    ['rules/0/name', str_repeat('n', 201)],
    ['rules/0/active', 'yes'],
    ['rules/0/when', []],
    ['rules/0/when/0', ['kind' => 'never']],
    ['rules/0/valid_from', 'tomorrow'],
    ['rules/0/then/0/tag', str_repeat('t', 61)],
    ['rules/0/then/1/priority', 'utmost'],
    ['rules/0/give/pool', ['kind' => 'team']],
    ['rules/0/give/method', ['kind' => 'dice']],
    ['rules/0/give/extra', 1],
    ['rules/4/give/limits/0/level', 4],
    ['rules/4/give/limits/1/tasks', 0],
    ['rules/4/give/limits/2/percent', 1001],
    ['rules/4/give/method/rotation', str_repeat('r', 161)],
    ['rules/4/then/0/after', 'P1W'],
    ['rules/4/then/0/hours_of', 'moon'],
    ['rules/4/if/all', 'all'],
    ['rules/5/give/pool/pools', []],
    ['fields/0/type', 'colour'],
]);

/** @return array{bool, bool} whether the reader takes it, and the schema */
function takenAsSweep(mixed $document): array
{
    $fields = RulebookFormat::read(Node::root(FullWorld::document()['rulebook']))->fields;
    $taken = static function (Closure $read): bool {
        try {
            $read();
        } catch (DocumentError) {
            return false;
        }

        return true;
    };

    return [
        $taken(
            static fn() => (new SweepFormat(new RuleContext(KindRegistry::standard(), $fields)))->read(
                Node::root($document),
            ),
        ),
        $taken(static fn() => SchemaCheck::check('sweep', asJson($document))),
    ];
}

it('has a schema of sweeps that goes by form as the reader does', function (mixed $document, bool $taken): void {
    expect(takenAsSweep($document))->toBe([$taken, $taken]);
})->with([
    [['hand_to' => 'femi'], true],
    [['hand_to' => 'femi', 'then' => [], 'if' => ['all' => []]], true],
    [['if' => ['logic' => true], 'then' => [['kind' => 'tag', 'tag' => 'swept']]], true],
    [['if' => ['all' => []]], false],
    [['then' => []], false],
    [['then' => [['kind' => 'status', 'status' => 'waiting']]], true],
    [['then' => [['kind' => 'priority_step', 'step' => 'up']]], true],
    [['then' => [['kind' => 'customer_owner']]], false],
    [
        [
            'then' => [
                ['kind' => 'tag', 'tag' => 'swept'],
                ['kind' => 'tell', 'people' => ['kind' => 'people', 'people' => ['femi']], 'text' => 'Look'],
            ],
        ],
        false,
    ],
    [['hand_to' => ''], false],
    [['hand_to' => 'femi', 'give' => ['x' => 1]], false],
    [['hand_to' => 'femi', 'if' => ['every' => []]], false],
    [['then' => [['kind' => 'dance']]], false],
]);
