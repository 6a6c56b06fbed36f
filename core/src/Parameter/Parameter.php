<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

/** A parameter of a part of a rule; the part has a property of the same name in camel case. */
final readonly class Parameter
{
    private function __construct(
        public string $name,
        public ParameterType $type,
        public bool $required,
        public mixed $default,
    ) {}

    /** @param string $name in snake case, as in documents */
    public static function required(string $name, ParameterType $type): self
    {
        return new self($name, $type, true, null);
    }

    /** @param mixed $default the value of the core that holds where a document has none */
    public static function optional(string $name, ParameterType $type, mixed $default): self
    {
        return new self($name, $type, false, $default);
    }

    public function property(): string
    {
        return lcfirst(str_replace('_', '', ucwords($this->name, '_')));
    }
}
