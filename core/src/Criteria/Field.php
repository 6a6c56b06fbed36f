<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use OpenBaton\Core\Refusal;

/** A field that criteria may ask about. */
final readonly class Field
{
    /**
     * @param string                $path    such as "task.kind" or "customer.tier"
     * @param array<array-key, string> $options label by value, of a "one of" or "many of"
     * @param bool                  $retired no longer offered; what is kept in it goes on being known
     * @param list<string>          $retiredOptions values that are no longer offered, of those
     * @param bool                  $derived what is in it follows from something else: it is not set by itself
     */
    public function __construct(
        public string $path,
        public string $label,
        public FieldType $type,
        public array $options = [],
        public bool $retired = false,
        public array $retiredOptions = [],
        public bool $derived = false,
    ) {
        if (preg_match('/^[a-z][a-z0-9_]*(\.[a-z][a-z0-9_]*)+$/', $path) !== 1) {
            throw new Refusal('"{path}" is not a field path such as task.kind.', path: $path);
        }
        if (($type === FieldType::OneOf || $type === FieldType::ManyOf) && $options === []) {
            throw new Refusal('Field "{path}" needs the list of its values.', path: $path);
        }
    }
}
