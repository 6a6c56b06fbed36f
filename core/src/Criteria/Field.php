<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use InvalidArgumentException;

/** A field that criteria may ask about. */
final readonly class Field
{
    /**
     * @param string                $path    such as "task.kind" or "customer.tier"
     * @param array<array-key, string> $options label by value, of a "one of" or "many of"
     */
    public function __construct(
        public string $path,
        public string $label,
        public FieldType $type,
        public array $options = [],
    ) {
        if (preg_match('/^[a-z][a-z0-9_]*(\.[a-z][a-z0-9_]*)+$/', $path) !== 1) {
            throw new InvalidArgumentException("\"{$path}\" is not a field path such as task.kind.");
        }
        if (($type === FieldType::OneOf || $type === FieldType::ManyOf) && $options === []) {
            throw new InvalidArgumentException("Field \"{$path}\" needs the list of its values.");
        }
    }
}
