<?php

declare(strict_types=1);

namespace App\Tables;

use DateTimeImmutable;
use DateTimeZone;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Refusal;

/** One cell of a table that comes in, with where it stands. */
final readonly class Cell
{
    private const YES = ['yes', 'y', 'true', '1', 'x'];
    private const NO = ['no', 'n', 'false', '0'];

    public function __construct(
        public string $text,
        private int $line,
        private string $column,
        private Notation $notation = new Notation(),
    ) {}

    /** One of those that it lists. */
    public function saying(string $text): self
    {
        return new self($text, $this->line, $this->column, $this->notation);
    }

    /** Where it stands, as faults have it. */
    public function place(): string
    {
        return "/line {$this->line}/{$this->column}";
    }

    public function isEmpty(): bool
    {
        return $this->text === '';
    }

    public function fail(string $message, string|int ...$slots): DocumentError
    {
        return DocumentError::at($this->place(), $message, ...$slots);
    }

    public function yes(): bool
    {
        $text = mb_strtolower($this->text);

        return match (true) {
            in_array($text, self::YES, true) => true,
            in_array($text, self::NO, true) => false,
            default => throw $this->fail('Write "yes" or "no".'),
        };
    }

    public function whole(): int
    {
        return ctype_digit($this->text) && strlen($this->text) < 10
            ? (int) $this->text
            : throw $this->fail('"{text}" is not a whole number.', text: $this->text);
    }

    /** @return list<string> what semicolons part */
    public function listed(): array
    {
        return preg_split('/\s*;\s*/', $this->text, flags: PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /**
     * Names with a number after a colon, parted by semicolons, or by blanks where there are none and each is a word.
     *
     * @param int $usual where a name has none
     *
     * @return array<string, int>
     */
    public function numbers(int $usual): array
    {
        $spaced = !str_contains($this->text, ';') && preg_match('/^\S+:\d+( \S+:\d+)*$/', $this->text) === 1;
        $numbers = [];
        foreach (
            preg_split($spaced ? '/\s+/' : '/\s*[;,]\s*/', $this->text, flags: PREG_SPLIT_NO_EMPTY) ?: []
            as $one
        ) {
            [$name, $number] = [...explode(':', $one, 2), ''];
            $numbers[trim($name)] =
                $number === '' ? $usual : (new self(trim($number), $this->line, $this->column))->whole();
        }

        return $numbers;
    }

    /**
     * Of two marks the last is that of decimals; one alone is so too, unless it is not the mark of the table and three
     * digits follow it.
     */
    public function number(): int|float
    {
        $plain = (string) preg_replace("/[\\s\u{a0}\u{202f}'’€\$£]/u", '', $this->text);
        if (preg_match('/^[+-]?\d+(?:[.,]\d+)*$/', $plain) !== 1) {
            throw $this->fail('"{text}" is not a number.', text: $this->text);
        }
        $last = max((int) strrpos($plain, '.'), (int) strrpos($plain, ','));
        $mark = $plain[$last];
        $marks = substr_count($plain, '.') + substr_count($plain, ',');
        $thousands =
            $marks > 1
                ? substr_count($plain, $mark) > 1
                : $marks === 1 && $mark !== $this->notation->decimal && strlen($plain) - $last === 4;
        $whole = str_replace(['.', ','], '', $thousands || $marks === 0 ? $plain : substr($plain, 0, $last));

        return $thousands || $marks === 0 ? (int) $whole : (float) ($whole . '.' . substr($plain, $last + 1));
    }

    /** @return string as documents have it; a time that is there says nothing */
    public function day(): string
    {
        return $this->date()->day;
    }

    /** @param string $usual the time where there is none, HH:MM */
    public function moment(DateTimeZone $zone, string $usual): string
    {
        if (preg_match('/' . Instant::PATTERN . '/D', $this->text) === 1) {
            return $this->text;
        }
        $date = $this->date();
        $time = $date->time ?? $usual;

        return Instant::format((new DateTimeImmutable("{$date->day} {$time}", $zone))->getTimestamp());
    }

    private function date(): WrittenDate
    {
        try {
            return WrittenDate::of($this->text, $this->notation->dayFirst);
        } catch (Refusal $refusal) {
            throw $this->fail($refusal->pattern, ...$refusal->slots);
        }
    }

    /** The value of a field, as documents have it. */
    public function value(Field $field): mixed
    {
        return match (true) {
            $field->type->isList() => array_map(
                fn(string $one): string => $this->option($field, $one),
                $this->listed(),
            ),
            $field->type === FieldType::YesNo => $this->yes(),
            $field->type === FieldType::Date => $this->day(),
            in_array($field->type, [FieldType::Number, FieldType::Money], true) => $this->number(),
            default => $this->option($field, $this->text),
        };
    }

    /** What is written as people read it is taken as well. */
    private function option(Field $field, string $text): string
    {
        if (isset($field->options[$text])) {
            return $text;
        }
        $value = array_search(
            mb_strtolower($text),
            array_map(static fn(string $label): string => mb_strtolower($label), $field->options),
            true,
        );

        return $value === false ? $text : (string) $value;
    }
}
