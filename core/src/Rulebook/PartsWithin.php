<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\ParameterType;
use OpenBaton\Core\Parameter\PartOf;

/** A part of a rule, and all parts that it is put together of. */
final class PartsWithin
{
    /** @return iterable<Part> */
    public static function of(Part $part): iterable
    {
        yield $part;
        foreach ($part::parameters() as $parameter) {
            yield from self::in($parameter->type, $part->{$parameter->property()});
        }
    }

    /** @return iterable<Part> */
    private static function in(ParameterType $type, mixed $value): iterable
    {
        if ($type instanceof PartOf && $value instanceof Part) {
            yield from self::of($value);
        } elseif ($type instanceof ListOf && is_array($value)) {
            foreach ($value as $one) {
                yield from self::in($type->of, $one);
            }
        }
    }
}
