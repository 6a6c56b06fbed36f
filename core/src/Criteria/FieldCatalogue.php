<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use InvalidArgumentException;
use OpenBaton\Core\Refusal;

/** The fields of a house, by path: those of tasks, cases, customers, people, and those of the moment of an event. */
final readonly class FieldCatalogue
{
    private const OF_PEOPLE = 'person.';

    private const OF_MOMENT = 'moment.';

    /** @var array<string, Field> */
    public array $fields;

    /** @var array<string, Field> what the house keeps of each person */
    public array $ofPeople;

    /** @var array<string, Field> what follows from when an event is, for criteria alone */
    public array $ofMoment;

    /**
     * @param list<Field> $fields
     *
     * @throws InvalidArgumentException where two have one path
     */
    public function __construct(array $fields)
    {
        $byPath = [];
        foreach ($fields as $field) {
            if (isset($byPath[$field->path])) {
                throw new Refusal('There is another field "{path}".', path: $field->path);
            }
            $byPath[$field->path] = $field;
        }
        $this->ofPeople = self::below(self::OF_PEOPLE, $byPath);
        $this->ofMoment = self::below(self::OF_MOMENT, $byPath);
        $this->fields = array_diff_key($byPath, $this->ofPeople, $this->ofMoment);
    }

    /** Those of people and of the moment, and of the others those whose paths begin with none of these. */
    public function without(string ...$prefixes): self
    {
        $gone = array_map(fn(string $prefix): array => self::below($prefix, $this->fields), array_values($prefixes));

        return new self(array_values(array_diff_key($this->all(), ...$gone)));
    }

    /** @return array<string, Field> */
    public function all(): array
    {
        return $this->fields + $this->ofPeople + $this->ofMoment;
    }

    public function any(string $path): ?Field
    {
        return $this->compared($path) ?? ($this->ofPeople[$path] ?? null);
    }

    /** One that criteria may ask about. */
    public function compared(string $path): ?Field
    {
        return $this->fields[$path] ?? ($this->ofMoment[$path] ?? null);
    }

    public function find(string $path): ?Field
    {
        return $this->fields[$path] ?? null;
    }

    /**
     * @param array<string, Field> $fields by path
     *
     * @return array<string, Field>
     */
    private static function below(string $prefix, array $fields): array
    {
        return array_filter(
            $fields,
            static fn(string $path): bool => str_starts_with($path, $prefix),
            ARRAY_FILTER_USE_KEY,
        );
    }
}
