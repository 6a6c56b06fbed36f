<?php

declare(strict_types=1);

use OpenBaton\Core\Check\Values\CriteriaTerms;
use OpenBaton\Core\Check\Values\Terms;
use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Time\LocalDate;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Three fields of few values, and criteria over them drawn from a seed. */
final class SmallWorld
{
    private const VALUES = [
        'a.list' => ['red', 'blue', 'green'],
        'a.yes' => [true, false],
        'a.number' => [1, 2, 3],
        'a.many' => ['x', 'y'],
        'a.tags' => ['p', 'q'],
        'a.date' => ['2026-03-01', '2026-03-02', '2026-03-04'],
        'a.text' => ['ab', 'b', 'cab'],
    ];

    private const OPERATORS = [
        'a.list' => ['is', 'is_not', 'one_of', 'none_of', 'is_empty', 'is_filled'],
        'a.yes' => ['is', 'is_not', 'is_empty', 'is_filled'],
        'a.number' => [
            'is',
            'is_not',
            'one_of',
            'none_of',
            'less_than',
            'at_most',
            'more_than',
            'at_least',
            'between',
            'is_empty',
            'is_filled',
        ],
        'a.many' => ['matches_any', 'matches_all', 'matches_none', 'is_empty', 'is_filled'],
        'a.tags' => ['matches_any', 'matches_all', 'matches_none', 'is_empty', 'is_filled'],
        'a.date' => ['is', 'is_not', 'before', 'after', 'between', 'is_empty', 'is_filled'],
        'a.text' => [
            'is',
            'is_not',
            'one_of',
            'none_of',
            'contains',
            'starts_with',
            'ends_with',
            'is_empty',
            'is_filled',
        ],
    ];

    private readonly Randomizer $random;

    public readonly FieldCatalogue $fields;

    /** @var list<string> */
    private readonly array $paths;

    public function __construct(int $seed, bool $texts = false)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $options = static fn(string $path): array => array_combine(self::VALUES[$path], self::VALUES[$path]);
        $this->fields = new FieldCatalogue([
            new Field('a.list', 'List', FieldType::OneOf, $options('a.list')),
            new Field('a.yes', 'Yes', FieldType::YesNo),
            new Field('a.number', 'Number', FieldType::Number),
            new Field('a.many', 'Many', FieldType::ManyOf, $options('a.many')),
            new Field('a.tags', 'Tags', FieldType::Tags),
            new Field('a.date', 'Date', FieldType::Date),
            new Field('a.text', 'Text', FieldType::Text),
        ]);
        $paths = array_keys(self::VALUES);
        $exact = array_values(array_diff($paths, ['a.text']));
        $this->paths = $texts
            ? ['a.text', $this->one($exact)]
            : array_map(static fn(int $key): string => $exact[$key], $this->random->pickArrayKeys($exact, 3));
    }

    /** @return array<string, mixed> */
    public function criteria(int $depth): array
    {
        if ($depth === 0 || $this->random->getInt(1, 3) === 1) {
            return $this->comparison();
        }
        $parts = [];
        for ($number = $this->random->getInt(0, 3); $number > 0; --$number) {
            $parts[] = $this->criteria($depth - 1);
        }

        return [$this->one(['all', 'any', 'none']) => $parts];
    }

    /** @return array<string, mixed> */
    private function comparison(): array
    {
        $path = $this->one($this->paths);
        $op = $this->one(self::OPERATORS[$path]);
        $values = self::VALUES[$path];
        $several = in_array($op, ['one_of', 'none_of', 'matches_any', 'matches_all', 'matches_none'], true);
        if ($op === 'between') {
            $pair = [$this->one($values), $this->one($values)];
            sort($pair);

            return ['field' => $path, 'op' => $op, 'value' => $pair];
        }
        if ($several) {
            $keys = $this->random->pickArrayKeys($values, $this->random->getInt(1, count($values)));

            return [
                'field' => $path,
                'op' => $op,
                'value' => array_map(static fn(int $key): mixed => $values[$key], $keys),
            ];
        }

        return in_array($op, ['is_empty', 'is_filled'], true)
            ? ['field' => $path, 'op' => $op]
            : ['field' => $path, 'op' => $op, 'value' => $this->one($values)];
    }

    /** @return iterable<Facts> with all values that there can be, and those between and beyond */
    public function assignments(): iterable
    {
        $all = [[]];
        foreach ($this->paths as $path) {
            $values = match ($path) {
                'a.number' => [0, 1, 1.5, 2, 2.5, 3, 4],
                'a.date' => ['2026-02-28', '2026-03-01', '2026-03-02', '2026-03-03', '2026-03-04', '2026-03-05'],
                'a.many' => [[], ['x'], ['y'], ['x', 'y']],
                'a.tags' => [
                    [],
                    ['p'],
                    ['q'],
                    ['p', 'q'],
                    ['other'],
                    ['p', 'other'],
                    ['q', 'other'],
                    ['p', 'q', 'other'],
                ],
                'a.text' => ['ab', 'b', 'cab', '', 'abx', 'xab', 'xb', 'bx', 'cabx', 'xcab', 'z', 'bcab', 'cabab'],
                default => self::VALUES[$path],
            };
            $next = [];
            foreach ($all as $one) {
                $next[] = $one;
                foreach ($values as $value) {
                    $next[] = $one + [$path => $value];
                }
            }
            $all = $next;
        }
        foreach ($all as $values) {
            yield new Facts($values, LocalDate::parse('2026-03-02'));
        }
    }

    /** @param array<string, mixed> $criteria */
    public function holds(array $criteria, Facts $facts): bool
    {
        static $compiled = [];
        $key = json_encode($criteria, JSON_THROW_ON_ERROR);
        $compiled[$key] ??= CompiledCriteria::compile($this->read($criteria), $this->fields);

        return $compiled[$key]->holds($facts);
    }

    /** @param array<string, mixed> $criteria */
    public function terms(array $criteria): Terms
    {
        return (new CriteriaTerms($this->fields))->of($this->read($criteria));
    }

    /** @param array<string, mixed> $criteria */
    public function denied(array $criteria): Terms
    {
        return (new CriteriaTerms($this->fields))->of($this->read($criteria), false);
    }

    /** @param array<string, mixed> $criteria */
    public function read(array $criteria): Expression
    {
        $context = new RuleContext(KindRegistry::standard(), $this->fields);

        return (new CriteriaFormat($context))->read(Node::root($criteria));
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
