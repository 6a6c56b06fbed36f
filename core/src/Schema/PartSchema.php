<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\Rulebook\Part;

/** The JSON Schema of a part, from what its kind declares of itself. */
final class PartSchema
{
    /**
     * @param class-string<Part> $class
     *
     * @return array<string, mixed>
     */
    public static function of(string $class): array
    {
        $required = ['kind'];
        $properties = ['kind' => ['const' => $class::kind()]];
        foreach ($class::parameters() as $parameter) {
            $schema = $parameter->type->schema();
            if ($parameter->required) {
                $required[] = $parameter->name;
            } elseif ($parameter->default !== null) {
                $schema['default'] = $parameter->type->write($parameter->default);
            }
            $properties[$parameter->name] = $schema;
        }

        return Shape::object($properties, $required);
    }
}
