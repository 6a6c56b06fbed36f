<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Workload\Priority;

/** @return array{string, string} pointer and reason of the first fault */
function refusal(Closure $read): array
{
    try {
        $read();
    } catch (DocumentError $error) {
        return [$error->faults[0]->pointer, $error->faults[0]->reason];
    }
    test()->fail('It was not refused.');
}

it('says what is no JSON, what is too deep and which key stands twice', function (
    string $json,
    string $pointer,
    string $reason,
): void {
    [$at, $why] = refusal(static fn(): Node => Node::parse($json));
    expect($at)->toBe($pointer);
    expect($why)->toContain($reason);
})->with([
    ['', '', 'This is not JSON'],
    ['{"a": 1,}', '', 'This is not JSON'],
    [str_repeat('[', 64) . str_repeat(']', 64) . 'x', '', 'This is not JSON'],
    [str_repeat('[', 129) . str_repeat(']', 129), '', 'more than 128 levels deep'],
    [str_repeat('{"a":', 129) . '1' . str_repeat('}', 129), '', 'more than 128 levels deep'],
    ['{"a": 1, "b": 2, "a": 3}', '/a', '"a" stands here twice'],
    ['{"a": [{"b": 1}, {"c": 1, "c": 2}]}', '/a/1/c', '"c" stands here twice'],
    ['[[1, 2], [3, {"x": [], "y": {}, "x": 1}]]', '/1/1/x', '"x" stands here twice'],
    ['{"a/b": {"~": 1, "~": 2}}', '/a~1b/~0', '"~" stands here twice'],
    ['{"\u0061": 1, "a": 2}', '/a', '"a" stands here twice'],
    ['{"a\"b": 1, "a\"b": 2}', '/a"b', 'stands here twice'],
    ['{"1": 1, "2": 1, "1": 2}', '/1', '"1" stands here twice'],
    ['{"": 1, "": 2}', '/', 'stands here twice'],
]);

it('lets a key come again where it belongs to something else', function (string $json): void {
    expect(json_encode(Node::parse($json)->value))->toBe(json_encode(json_decode($json)));
})->with([
    '{"a": {"a": {"a": 1}}}',
    '[{"a": 1}, {"a": 2}]',
    '{"a": "a", "b": "a: b", "c": "\"a\":"}',
    '{"a": [{"a": 1}, "a", {"a": ["a"]}], "b": {"a": 1}}',
    '{"a": {}, "b": []}',
    '"a"',
    str_repeat('[', 64) . str_repeat(']', 64),
]);

it('tells objects from lists, and says which belongs', function (string $json, string $as, ?string $reason): void {
    $node = Node::parse($json);
    $read = static fn(): mixed => $as === 'list' ? $node->items() : $node->members();
    $reason === null ? expect($read())->toBeArray() : expect(refusal($read))->toBe(['', $reason]);
})->with([
    ['{}', 'list', 'A list belongs here.'],
    ['{"0": 1}', 'list', 'A list belongs here.'],
    ['[1]', 'object', 'An object belongs here.'],
    ['"a"', 'object', 'An object belongs here.'],
    ['1', 'list', 'A list belongs here.'],
    ['[]', 'list', null],
    ['{}', 'object', null],
    ['[]', 'object', null],
]);

it('keeps keys made of digits as texts, in their order', function (): void {
    $members = Node::parse('{"12": "a", "007": "b", "3": "c"}')->members();
    expect(array_column($members, 0))->toBe(['12', '007', '3']);
    expect($members[0][1]->pointer)->toBe('/12');
    expect(Node::parse('{"12": {"3": 5}}')->get('12')->get('3')->int())->toBe(5);
});

it('points at what it refuses', function (Closure $read, string $pointer, string $reason): void {
    $node = Node::parse(
        '{"text": "a", "empty": " ", "number": 7, "half": 0.5, "huge": 12345678901234567890, ' .
            '"yes": true, "list": [1, "x"], "none": null, "long": "' .
            str_repeat('é', 5) .
            '", "lines": "a\nb", "a/b~c": 3}',
    );
    expect(refusal(static fn(): mixed => $read($node)))->toBe([$pointer, $reason]);
})->with([
    [fn(Node $n) => $n->get('missing'), '', '"missing" is missing.'],
    [fn(Node $n) => $n->get('none'), '', '"none" is missing.'],
    [fn(Node $n) => $n->get('number')->text(), '/number', 'A text belongs here.'],
    [fn(Node $n) => $n->get('empty')->text(), '/empty', 'A text belongs here.'],
    [fn(Node $n) => $n->get('text')->int(), '/text', 'A whole number belongs here.'],
    [fn(Node $n) => $n->get('half')->int(), '/half', 'A whole number belongs here.'],
    [fn(Node $n) => $n->get('huge')->int(), '/huge', 'A whole number belongs here.'],
    [fn(Node $n) => $n->get('number')->intBetween(8, 9), '/number', 'A whole number from 8 to 9 belongs here.'],
    [fn(Node $n) => $n->get('number')->intBetween(5, 6), '/number', 'A whole number from 5 to 6 belongs here.'],
    [fn(Node $n) => $n->get('text')->number(), '/text', 'A number belongs here.'],
    [fn(Node $n) => $n->get('number')->bool(), '/number', 'true or false belongs here.'],
    [fn(Node $n) => $n->textsOf('list'), '/list/0', 'A text belongs here.'],
    [fn(Node $n) => $n->get('text')->items(), '/text', 'A list belongs here.'],
    [fn(Node $n) => $n->get('text')->find('x'), '/text', 'An object belongs here.'],
    [fn(Node $n) => $n->get('long')->line(4), '/long', 'This has at most 4 characters.'],
    [fn(Node $n) => $n->get('lines')->line(9), '/lines', 'This is one line, without control characters.'],
    [fn(Node $n) => $n->get('a/b~c')->text(), '/a~1b~0c', 'A text belongs here.'],
    [fn(Node $n) => $n->get('text')->case(Priority::class), '/text', '"a" is not one of: low, normal, high, urgent.'],
    [fn(Node $n) => $n->get('text')->minutes(), '/text', '"a" is not a length of time such as PT1H30M.'],
    [
        fn(Node $n) => $n->get('text')->refuse(static fn() => throw new InvalidArgumentException('Not so.')),
        '/text',
        'Not so.',
    ],
]);

it('reads what is there', function (): void {
    $node = Node::parse('{"line": "  a b ", "list": ["x", "y"], "edge": 7, "float": 1.5, "long": "éééé"}');
    expect($node->get('line')->line(3))->toBe('a b');
    expect($node->textsOf('list'))->toBe(['x', 'y']);
    expect($node->textsOf('nothing'))->toBe([]);
    expect($node->itemsOf('nothing'))->toBe([]);
    expect($node->get('edge')->intBetween(7, 7))->toBe(7);
    expect($node->get('float')->number())->toBe(1.5);
    expect($node->get('long')->line(4))->toBe('éééé');
    expect($node->has('list'))->toBeTrue();
    expect($node->has('nothing'))->toBeFalse();
    expect($node->find('nothing'))->toBeNull();
    expect(
        array_map(static fn(Fault $fault): string => $fault->pointer, $node->strangers(['line', 'list', 'edge'])),
    )->toBe(['/float', '/long']);
});

it('reads moments with their offset, to the second', function (string $text, ?string $utc): void {
    $read = static fn(): int => Node::root($text)->instant();
    $utc === null ? expect(refusal($read)[0])->toBe('') : expect(Instant::format($read()))->toBe($utc);
})->with([
    ['2026-03-02T09:00:00Z', '2026-03-02T09:00:00Z'],
    ['2026-03-02t09:00:00z', '2026-03-02T09:00:00Z'],
    ['2026-03-02T09:00:00+02:00', '2026-03-02T07:00:00Z'],
    ['2026-03-02T09:00:00.999-03:30', '2026-03-02T12:30:00Z'],
    ['2024-02-29T00:00:00Z', '2024-02-29T00:00:00Z'],
    ['2026-02-29T00:00:00Z', null],
    ['2026-03-02T24:00:00Z', null],
    ['2026-03-02T09:60:00Z', null],
    ['2026-03-02 09:00:00', null],
    ['2026-03-02T09:00:00', null],
    ["2026-03-02T09:00:00Z\n", null],
    ['tomorrow', null],
]);

it('reads and writes lengths of time', function (string $text, ?int $minutes): void {
    if ($minutes === null) {
        expect(static fn(): int => Duration::parse($text))->toThrow(InvalidArgumentException::class);
    } else {
        expect(Duration::parse($text))->toBe($minutes);
    }
})->with([
    ['PT0M', 0],
    ['PT59M', 59],
    ['PT1H', 60],
    ['PT1H1M', 61],
    ['PT90M', 90],
    ['PT100H', 6000],
    ['PT', null],
    ['P1D', null],
    ['PT1.5H', null],
    ['1H', null],
    ['PT1S', null],
    ['PT-1H', null],
    ["PT1H\n", null],
    ['PT1M1H', null],
]);

it('collects faults and goes on', function (): void {
    $faults = new Faults();
    $first = $faults->collect(static fn(): int => Node::root('x', '/a')->int());
    $second = $faults->collect(static fn(): int => Node::root(3, '/b')->int());
    $third = $faults->collect(static fn(): bool => Node::root(3, '/c')->bool());
    expect([$first, $second, $third])->toBe([null, 3, null]);
    try {
        $faults->throwIfAny();
        $this->fail('It has faults.');
    } catch (DocumentError $error) {
        expect(
            array_map(static fn(Fault $fault): array => [$fault->pointer, $fault->unfinished], $error->faults),
        )->toBe([['/a', false], ['/c', false]]);
    }
    (new Faults())->throwIfAny();
});

it('tells what is unfinished from what is wrong', function (Closure $read, bool $unfinished): void {
    try {
        $read(Node::parse('{"empty": "", "number": 1}'));
        $this->fail('It was not refused.');
    } catch (DocumentError $error) {
        expect($error->faults[0]->unfinished)->toBe($unfinished);
    }
})->with([
    [fn(Node $n) => $n->get('kind'), true],
    [fn(Node $n) => $n->get('empty')->text(), true],
    [fn(Node $n) => $n->get('number')->text(), false],
    [fn(Node $n) => $n->fail('No.')->faults === [] ?: throw $n->fail('No.'), false],
]);

it('tells of very many members that do not belong there the first ones', function (): void {
    $faults = Node::root(
        array_fill_keys(array_map(static fn(int $number): string => "m{$number}", range(1, 40_000)), 1),
    )->strangers(['title']);
    expect(count($faults))->toBe(500);
    expect($faults[499]->pointer)->toBe('/m500');
});
