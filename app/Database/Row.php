<?php

declare(strict_types=1);

namespace App\Database;

use stdClass;
use UnexpectedValueException;

/** A row of a query that needs no model, with its columns by type. */
final readonly class Row
{
    public function __construct(private stdClass $row) {}

    public function text(string $column): string
    {
        return $this->textOrNull($column) ?? throw new UnexpectedValueException("The column \"{$column}\" is empty.");
    }

    public function textOrNull(string $column): ?string
    {
        $value = $this->row->{$column};

        return $value === null || is_string($value)
            ? $value
            : throw new UnexpectedValueException("The column \"{$column}\" holds no text.");
    }

    public function int(string $column): int
    {
        return $this->intOrNull($column) ?? throw new UnexpectedValueException("The column \"{$column}\" is empty.");
    }

    public function intOrNull(string $column): ?int
    {
        $value = $this->row->{$column};

        return $value === null || is_int($value)
            ? $value
            : throw new UnexpectedValueException("The column \"{$column}\" holds no number.");
    }

    /** A moment, which columns keep in UTC, as an instant. */
    public function instantOrNull(string $column): ?int
    {
        $moment = $this->textOrNull($column);

        return $moment === null ? null : (int) strtotime("{$moment} UTC");
    }

    public function instant(string $column): int
    {
        return $this->instantOrNull($column) ??
            throw new UnexpectedValueException("The column \"{$column}\" is empty.");
    }
}
