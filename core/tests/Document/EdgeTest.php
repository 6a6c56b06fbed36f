<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Day;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\PeopleOrTeam;
use OpenBaton\Core\Parameter\ShortText;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\PeopleGroup;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Schema\DecisionSchema;
use OpenBaton\Core\Schema\RulebookSchema;
use OpenBaton\Core\Tests\Support\Build;

it('has schemas as they stand in the documents', function (): void {
    $decoded = static fn(array $schema): array => json_decode((string) json_encode($schema), true);
    $file = static fn(string $name): array => json_decode(
        (string) file_get_contents(__DIR__ . "/../../../docs/formats/{$name}.schema.json"),
        true,
    );
    expect($decoded((new RulebookSchema(KindRegistry::standard()))->build()))->toBe($file('rulebook'));
    expect($decoded((new DecisionSchema(KindRegistry::standard()))->build()))->toBe($file('decision'));
});

it('takes a pair of equal values, and lists of 500', function (): void {
    $between = ['field' => 'task.count', 'op' => 'between', 'value' => [5, 5]];
    $texts = new ListOf(new ShortText(10));
    expect(
        (new CriteriaFormat(Build::context()))->write(
            (new CriteriaFormat(Build::context()))->read(Node::root($between)),
        ),
    )->toBe($between);
    expect($texts->read(Node::root(array_map(strval(...), range(1, 500))), Build::context()))->toHaveCount(500);
    expect(
        static fn(): array => $texts->read(Node::root(array_map(strval(...), range(1, 501))), Build::context()),
    )->toThrow(DocumentError::class, 'at most 500');
});

it('tells the editor what belongs into a list', function (): void {
    expect((new ListOf(new WholeNumber(2, 7)))->bounds())->toBe([
        'of' => ['control' => 'whole_number', 'least' => 2, 'most' => 7],
    ]);
});

it('says all faults in its message, the whole document by its name', function (): void {
    $error = new DocumentError([
        ...Node::root(1)->fail('No.')->faults,
        ...Node::root(1, '/a/0')->fail('Nor this.')->faults,
    ]);
    expect($error->getMessage())->toContain('(the whole document): No.')->toContain('/a/0: Nor this.');
});

it('writes moments, and none for none', function (): void {
    expect(Instant::orNull(0))->toBe('1970-01-01T00:00:00Z');
    expect(Instant::orNull(null))->toBeNull();
});

it('writes values as it reads them', function (FieldType $type, mixed $document, mixed $value): void {
    $field = new Field(
        'task.x',
        'X',
        $type,
        $type === FieldType::OneOf || $type === FieldType::ManyOf ? ['a' => 'A', 'b' => 'B'] : [],
    );
    expect(ValueCodec::read(Node::root($document), $field))->toBe($value);
    expect(ValueCodec::write($value, $type))->toBe($document);
})->with([
    [FieldType::Money, 12, 1200],
    [FieldType::Money, 12.5, 1250],
    [FieldType::Money, 0.01, 1],
    [FieldType::Money, -3.25, -325],
    [FieldType::Money, 1, 100],
    [FieldType::Duration, 'PT1H30M', 90],
    [FieldType::Number, 2.5, 2.5],
    [FieldType::YesNo, false, false],
    [FieldType::Date, '2026-03-02', '2026-03-02'],
    [FieldType::Tags, ['x', 'y'], ['x', 'y']],
    [FieldType::ManyOf, ['a', 'b'], ['a', 'b']],
    [FieldType::Text, 'é', 'é'],
]);

it('takes texts of 400 characters and no more', function (): void {
    $field = new Field('task.x', 'X', FieldType::Text);
    expect(ValueCodec::read(Node::root(str_repeat('é', 400)), $field))->toHaveLength(400);
    expect(static fn(): mixed => ValueCodec::read(Node::root(str_repeat('é', 401)), $field))->toThrow(
        DocumentError::class,
        'at most 400',
    );
});

it('tells the editor which kinds of part belong somewhere', function (): void {
    expect((new PartOf(Family::Pool))->bounds())->toBe(['family' => 'pool']);
    expect((new PartOf(Family::Pool, TeamMembers::class))->bounds())->toBe([
        'family' => 'pool',
        'values' => ['team'],
    ]);
});

it('writes people, or a team, as it reads them', function (array $document, PeopleGroup $group): void {
    $type = new PeopleOrTeam();
    expect($type->read(Node::root($document), Build::context()))->toEqual($group);
    expect($type->write($group))->toBe($document);
})->with([
    'people' => [['people' => ['femi', 'ayumi']], new PeopleGroup(['femi', 'ayumi'])],
    'a team' => [['team' => 'brass'], new PeopleGroup([], 'brass')],
]);

it('has the years from the first to the last', function (): void {
    expect(array_map(Day::isWithin(...), [1899, 1900, 2999, 3000]))->toBe([false, true, true, false]);
});
