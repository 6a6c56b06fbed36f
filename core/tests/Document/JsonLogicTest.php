<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Document\JsonLogicReader;
use OpenBaton\Core\Document\JsonLogicWriter;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RuleFormat;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;
use Symfony\Component\Process\Process;

require_once __DIR__ . '/../Check/Values/TermsFunctions.php';

/** What JsonLogic sees: the values as documents write them, the path a.b as {"a": {"b": …}}. */
function logicData(SmallWorld $world, Facts $facts): array
{
    $data = [];
    foreach (FactsFormat::values($facts, $world->fields) as $path => $value) {
        [$of, $name] = explode('.', $path);
        $data[$of][$name] = $value;
    }

    return $data;
}

/** @return list<bool> what the published library makes of them */
function logicSays(array $cases): array
{
    $process = new Process(['node', __DIR__ . '/../Support/logic.mjs']);
    $process->setInput(implode("\n", array_map(static fn(array $one): string => (string) json_encode($one), $cases)));
    $process->mustRun();

    return array_map(static fn(string $line): bool => $line === 'true', explode("\n", trim($process->getOutput())));
}

it('says of criteria what they say, and reads it back as the same', function (): void {
    $cases = $expected = $readBack = [];
    $unsayable = 0;
    foreach (range(1, 80) as $seed) {
        $world = new SmallWorld($seed, texts: $seed % 6 === 0);
        $criteria = $world->read($world->criteria(3));
        try {
            $logic = (new JsonLogicWriter($world->fields))->write($criteria);
        } catch (DocumentError) {
            ++$unsayable;
            continue;
        }
        // As it comes from elsewhere.
        $logic = json_decode((string) json_encode($logic), true);
        $context = new RuleContext(KindRegistry::standard(), $world->fields);
        $compiled = CompiledCriteria::compile($criteria, $world->fields);
        $again = CompiledCriteria::compile((new JsonLogicReader($context))->read(Node::root($logic)), $world->fields);
        foreach ($world->assignments() as $place => $facts) {
            if ($place % 3 === $seed % 3) {
                $cases[] = ['logic' => $logic, 'data' => (object) logicData($world, $facts)];
                $expected[] = $compiled->holds($facts);
                $readBack[] = $again->holds($facts);
            }
        }
    }
    $says = logicSays($cases);
    foreach ($expected as $place => $holds) {
        $case = json_encode($cases[$place]);
        expect($says[$place])->toBe($holds, "JsonLogic: {$case}");
        expect($readBack[$place])->toBe($holds, "Read back: {$case}");
    }
    expect(count($cases))->toBeGreaterThan(2000);
    expect($unsayable)->toBeGreaterThan(10);
});

it('reads what others have written as JsonLogic means it', function (mixed $logic): void {
    $world = new SmallWorld(1);
    $context = new RuleContext(KindRegistry::standard(), $world->fields);
    $read = CompiledCriteria::compile((new JsonLogicReader($context))->read(Node::root($logic)), $world->fields);
    $all = [];
    foreach ([0, -2, 2, 5, null] as $number) {
        foreach ([[], ['x'], ['x', 'y'], null] as $many) {
            foreach ([true, false, null] as $yes) {
                foreach (['2026-03-01', '2026-03-03', null] as $date) {
                    $values = ['a.number' => $number, 'a.many' => $many, 'a.yes' => $yes, 'a.date' => $date];
                    $all[] = new Facts(
                        array_filter($values, static fn(mixed $value): bool => $value !== null),
                        LocalDate::parse('2026-03-02'),
                    );
                }
            }
        }
    }
    $says = logicSays(
        array_map(
            static fn(Facts $one): array => ['logic' => $logic, 'data' => (object) logicData($world, $one)],
            $all,
        ),
    );
    foreach ($all as $place => $facts) {
        expect($read->holds($facts))->toBe($says[$place], json_encode(logicData($world, $facts)));
    }
})->with([
    'a missing number counts as 0' => [['<' => [['var' => 'a.number'], 3]]],
    'from the right' => [['>=' => [3, ['var' => 'a.number']]]],
    'below 0' => [['<=' => [['var' => 'a.number'], -1]]],
    'between' => [['<=' => [-1, ['var' => 'a.number'], 3]]],
    'between, without the ends' => [['<' => [-2, ['var' => 'a.number'], 5]]],
    'a day' => [['>' => [['var' => 'a.date'], '2026-03-02']]],
    'a day at the latest' => [['<=' => [['var' => 'a.date'], '2026-03-01']]],
    'a field alone' => [['var' => 'a.number']],
    'yes' => [['var' => ['a.yes']]],
    'not' => [['!' => ['var' => 'a.yes']]],
    'no list' => [['!' => [['var' => 'a.many']]]],
    'twice not' => [['!!' => [['var' => 'a.many']]]],
    'in a list' => [['in' => ['x', ['var' => 'a.many']]]],
    'nothing of nothing' => [['and' => []]],
    'or nothing' => [['or' => []]],
    'always' => [true],
    'never' => [['or' => [false, ['==' => [['var' => 'a.yes'], null]]]]],
    'some' => [['some' => [['var' => 'a.many'], ['in' => [['var' => ''], ['x']]]]]],
    'none' => [
        [
            'and' => [
                ['none' => [['var' => 'a.many'], ['in' => [['var' => ''], ['y']]]]],
                ['!=' => [['var' => 'a.number'], 2]],
            ],
        ],
    ],
]);

it('names each place that one of the two can\'t say', function (): void {
    $world = new SmallWorld(1);
    $context = new RuleContext(KindRegistry::standard(), $world->fields);
    $refused = static function (Closure $try): array {
        try {
            $try();
        } catch (DocumentError $error) {
            return array_map(static fn($fault): string => "{$fault->pointer}: {$fault->reason}", $error->faults);
        }

        return [];
    };
    $write = static fn(array $criteria): Expression => $world->read($criteria);
    expect(
        $refused(
            fn() => (new JsonLogicWriter($world->fields))->write(
                $write([
                    'all' => [
                        ['field' => 'a.text', 'op' => 'contains', 'value' => 'b'],
                        [
                            'any' => [
                                ['field' => 'a.number', 'op' => 'is', 'value' => 1],
                                ['field' => 'a.date', 'op' => 'within_next', 'value' => 7],
                                ['field' => 'a.list', 'op' => 'changed'],
                            ],
                        ],
                    ],
                ]),
            ),
        ),
    )->toBe([
        '/all/0: JsonLogic tells upper from lower case, so that it can\'t compare "Text".',
        '/all/1/any/1: JsonLogic can\'t say "within_next".',
        '/all/1/any/2: JsonLogic can\'t say "changed".',
    ]);
    $read = static fn(mixed $logic): array => $refused(
        static fn() => (new JsonLogicReader($context))->read(Node::root($logic)),
    );
    expect(
        $read([
            'and' => [
                ['===' => [['var' => 'a.text'], 'b']],
                ['>' => [['+' => [1, 2]], 2]],
                ['===' => [['var' => 'a.list'], 'purple']],
                ['var' => 'a.nothing'],
                ['reduce' => [['var' => 'a.many'], 1, 0]],
                ['<' => [['var' => 'a.list'], 'red']],
            ],
        ]),
    )->toBe([
        '/and/0: JsonLogic tells upper from lower case, criteria do not: "Text" can\'t be compared.',
        '/and/1: A field is compared with a value, or with another field.',
        '/and/2: This can\'t be compared with "List": "purple" is not a value of List; ' .
        'its values are red, blue, green.',
        '/and/3/var: There is no field "a.nothing".',
        '/and/4: Criteria can\'t say "reduce".',
        '/and/5: "List" has no order that JsonLogic and criteria share.',
    ]);
    expect($read(['and' => [], 'or' => []])[0])->toContain('One operator');
    expect($read('x')[0])->toContain('An object belongs here');
});

it('stands in the place of criteria in a rule', function (): void {
    $rule = static fn(array $if): array => [
        'id' => 'r',
        'name' => 'R',
        'when' => [['kind' => 'task_arrives']],
        'if' => $if,
        'then' => [['kind' => 'tag', 'tag' => 'vip']],
    ];
    $format = new RuleFormat(Build::context());
    $read = $format->read(
        Node::root(
            $rule([
                'logic' => [
                    'and' => [
                        ['===' => [['var' => 'task.kind'], 'repair']],
                        ['!' => [['in' => ['valve', ['var' => 'task.parts']]]]],
                    ],
                ],
            ]),
        ),
    );
    expect($format->write($read)['if'])->toBe([
        'all' => [
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'],
            ['none' => [['field' => 'task.parts', 'op' => 'matches_all', 'value' => ['valve']]]],
        ],
    ]);
    expect(static fn() => $format->read(Node::root($rule(['logic' => true, 'all' => []]))))->toThrow(
        DocumentError::class,
    );
    expect(static fn() => $format->read(Node::root($rule(['logic' => ['cat' => ['a', 'b']]]))))->toThrow(
        DocumentError::class,
        'Criteria can\'t say "cat"',
    );
});
