<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** The fields of a house, by path. */
final readonly class FieldCatalogue
{
    /** @var array<string, Field> */
    public array $fields;

    /** @param list<Field> $fields */
    public function __construct(array $fields)
    {
        $byPath = [];
        foreach ($fields as $field) {
            $byPath[$field->path] = $field;
        }
        $this->fields = $byPath;
    }

    public function find(string $path): ?Field
    {
        return $this->fields[$path] ?? null;
    }
}
