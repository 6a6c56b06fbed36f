<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use InvalidArgumentException;
use OpenBaton\Core\Refusal;

/** The fields of a house, by path: those that criteria see of a task, and those of people. */
final readonly class FieldCatalogue
{
    private const OF_PEOPLE = 'person.';

    /** @var array<string, Field> */
    public array $fields;

    /** @var array<string, Field> what the house keeps of each person */
    public array $ofPeople;

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
        $this->ofPeople = array_filter(
            $byPath,
            static fn(string $path): bool => str_starts_with($path, self::OF_PEOPLE),
            ARRAY_FILTER_USE_KEY,
        );
        $this->fields = array_diff_key($byPath, $this->ofPeople);
    }

    /** Of tasks or of people. */
    public function any(string $path): ?Field
    {
        return $this->fields[$path] ?? ($this->ofPeople[$path] ?? null);
    }

    public function find(string $path): ?Field
    {
        return $this->fields[$path] ?? null;
    }
}
