<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/**
 * The types of fields, each with the PHP value that carries it.
 *
 * text string · number int|float · money int in hundredths of the house's
 * currency · date "YYYY-MM-DD" · time "HH:MM" · duration int in minutes · yes_no bool ·
 * one_of and person string (an id) · many_of and tags list of strings.
 */
enum FieldType: string
{
    case Text = 'text';
    case Number = 'number';
    case Money = 'money';
    case Date = 'date';
    case Duration = 'duration';
    case Time = 'time';
    case YesNo = 'yes_no';
    case OneOf = 'one_of';
    case ManyOf = 'many_of';
    case Tags = 'tags';
    case Person = 'person';

    public function isNumeric(): bool
    {
        return $this === self::Number || $this === self::Money || $this === self::Duration;
    }

    public function isList(): bool
    {
        return $this === self::ManyOf || $this === self::Tags;
    }
}
