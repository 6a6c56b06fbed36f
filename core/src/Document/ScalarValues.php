<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use BackedEnum;

/** What stands at a place of a document where it is no object: texts, numbers, instants, words of a list. */
trait ScalarValues
{
    public function text(): string
    {
        return match (true) {
            !is_string($this->value) => throw $this->fail('A text belongs here.'),
            trim($this->value) === '' => throw $this->unfinished('A text belongs here.'),
            default => $this->value,
        };
    }

    /** A text of one line without outer blanks, of so many characters at most. */
    public function line(int $most): string
    {
        $line = $this->prose($most);

        return preg_match('/[\p{Cc}\p{Zl}\p{Zp}]/u', $line) === 0
            ? $line
            : throw $this->fail('This is one line, without control characters.');
    }

    /** A text of any number of lines without outer blanks, of so many characters at most. */
    public function prose(int $most): string
    {
        $text = trim($this->text());

        return mb_strlen($text) <= $most
            ? $text
            : throw $this->fail('This has at most {most} characters.', most: $most);
    }

    public function int(): int
    {
        return is_int($this->value) ? $this->value : throw $this->fail('A whole number belongs here.');
    }

    public function intBetween(int $least, int $most): int
    {
        $number = $this->int();

        return $number >= $least && $number <= $most
            ? $number
            : throw $this->fail('A whole number from {least} to {most} belongs here.', least: $least, most: $most);
    }

    public function number(): int|float
    {
        return is_int($this->value) || (is_float($this->value) && is_finite($this->value))
            ? $this->value
            : throw $this->fail('A number belongs here.');
    }

    public function bool(): bool
    {
        return is_bool($this->value) ? $this->value : throw $this->fail('true or false belongs here.');
    }

    /** @return list<string> */
    public function texts(): array
    {
        return array_map(static fn(self $item): string => $item->text(), $this->items());
    }

    /** @return list<string> empty where the member is missing */
    public function textsOf(string $key): array
    {
        return $this->find($key)?->texts() ?? [];
    }

    /** An instant written in RFC 3339. */
    public function instant(): int
    {
        return $this->refuse(fn(): int => Instant::parse($this->text()));
    }

    /** A length of time in ISO 8601, of hours and minutes, as minutes. */
    public function minutes(): int
    {
        return $this->refuse(fn(): int => Duration::parse($this->text()));
    }

    /**
     * One of the cases of a backed enum.
     *
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function case(string $enum): BackedEnum
    {
        return $enum::tryFrom($text = $this->text()) ??
            throw $this->fail(
                '"{text}" is not one of: {known}.',
                text: $text,
                known: implode(', ', array_column($enum::cases(), 'value')),
            );
    }
}
