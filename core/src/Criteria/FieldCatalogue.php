<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use InvalidArgumentException;
use OpenBaton\Core\Refusal;

/** The fields of a house, by path. */
final readonly class FieldCatalogue
{
    /** @var array<string, Field> */
    public array $fields;

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
        $this->fields = $byPath;
    }

    public function find(string $path): ?Field
    {
        return $this->fields[$path] ?? null;
    }
}
