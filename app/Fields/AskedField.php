<?php

declare(strict_types=1);

namespace App\Fields;

/** A field of the house that a kind of task asks for. */
final readonly class AskedField
{
    public function __construct(public string $path, public bool $required) {}

    /**
     * @param mixed $kept as the table of kinds has it
     *
     * @return list<self>|null null: all fields are asked for
     */
    public static function list(mixed $kept): ?array
    {
        if (!is_array($kept)) {
            return null;
        }
        $asked = [];
        foreach ($kept as $one) {
            if (is_array($one) && is_string($one['path'] ?? null)) {
                $asked[] = new self($one['path'], ($one['required'] ?? false) === true);
            }
        }

        return $asked;
    }
}
