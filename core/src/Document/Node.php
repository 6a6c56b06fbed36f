<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use BackedEnum;
use Closure;
use DateTimeImmutable;
use Exception;
use InvalidArgumentException;
use JsonException;

/**
 * A place in a decoded JSON document: typed access that knows where it is, so
 * that whatever is wrong is reported by its JSON pointer (RFC 6901).
 */
final readonly class Node
{
    private function __construct(public mixed $value, public string $pointer) {}

    public static function root(mixed $value, string $pointer = ''): self
    {
        return new self($value, $pointer);
    }

    /** @throws DocumentError where $json is not JSON */
    public static function parse(string $json): self
    {
        try {
            return new self(json_decode($json, true, 64, JSON_THROW_ON_ERROR), '');
        } catch (JsonException $error) {
            throw DocumentError::at('', "This is not JSON: {$error->getMessage()}.");
        }
    }

    public function fail(string $reason): DocumentError
    {
        return DocumentError::at($this->pointer, $reason);
    }

    /**
     * Runs $make and reports what it refuses as being wrong here.
     *
     * @template T
     *
     * @param Closure(): T $make
     *
     * @return T
     */
    public function refuse(Closure $make): mixed
    {
        try {
            return $make();
        } catch (InvalidArgumentException $error) {
            throw $this->fail($error->getMessage());
        }
    }

    public function has(string $key): bool
    {
        return is_array($this->value) && array_key_exists($key, $this->value) && $this->value[$key] !== null;
    }

    public function get(string $key): self
    {
        return $this->find($key) ?? throw $this->fail("\"{$key}\" is missing.");
    }

    /** Null where the member is missing or null. */
    public function find(string $key): ?self
    {
        if (! is_array($this->value) || ($this->value !== [] && array_is_list($this->value))) {
            throw $this->fail('An object belongs here.');
        }
        $value = $this->value[$key] ?? null;

        return $value === null ? null : new self($value, $this->pointer.'/'.self::escape($key));
    }

    /** @return list<self> */
    public function items(): array
    {
        if (! is_array($this->value) || ! array_is_list($this->value)) {
            throw $this->fail('A list belongs here.');
        }
        $items = [];
        foreach ($this->value as $index => $value) {
            $items[] = new self($value, "{$this->pointer}/{$index}");
        }

        return $items;
    }

    /** @return list<self> empty where the member is missing */
    public function itemsOf(string $key): array
    {
        return $this->find($key)?->items() ?? [];
    }

    /** @return array<string, self> */
    public function members(): array
    {
        if (! is_array($this->value) || ($this->value !== [] && array_is_list($this->value))) {
            throw $this->fail('An object belongs here.');
        }
        $members = [];
        foreach ($this->value as $key => $value) {
            $members[(string) $key] = new self($value, $this->pointer.'/'.self::escape((string) $key));
        }

        return $members;
    }

    public function text(): string
    {
        return is_string($this->value) && trim($this->value) !== '' ? $this->value : throw $this->fail('A text belongs here.');
    }

    public function int(): int
    {
        return is_int($this->value) ? $this->value : throw $this->fail('A whole number belongs here.');
    }

    public function number(): int|float
    {
        return is_int($this->value) || is_float($this->value) ? $this->value : throw $this->fail('A number belongs here.');
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
        $text = $this->text();
        if (preg_match('/^\d{4}-\d{2}-\d{2}[Tt]\d{2}:\d{2}:\d{2}(\.\d+)?([Zz]|[+-]\d{2}:\d{2})$/', $text) !== 1) {
            throw $this->fail("\"{$text}\" is not a moment such as 2026-03-02T09:00:00Z.");
        }
        try {
            $moment = new DateTimeImmutable($text);
        } catch (Exception) {
            throw $this->fail("\"{$text}\" is not a moment such as 2026-03-02T09:00:00Z.");
        }
        if (! str_starts_with($moment->format('Y-m-d\TH:i:s'), substr(strtoupper($text), 0, 19))) {
            throw $this->fail("There is no such moment as \"{$text}\".");
        }

        return $moment->getTimestamp();
    }

    /** A length of time in ISO 8601, of days, hours and minutes, as minutes. */
    public function minutes(): int
    {
        $text = $this->text();
        if (preg_match('/^PT(?=\d)(?:(\d{1,5})H)?(?:(\d{1,6})M)?$/', $text, $parts) !== 1) {
            throw $this->fail("\"{$text}\" is not a length of time such as PT1H30M.");
        }

        return (int) ($parts[1] ?? 0) * 60 + (int) ($parts[2] ?? 0);
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
        $text = $this->text();

        return $enum::tryFrom($text) ?? throw $this->fail("\"{$text}\" is not one of: ".implode(', ', array_map(
            static fn(BackedEnum $case): string => (string) $case->value,
            $enum::cases(),
        )).'.');
    }

    private static function escape(string $key): string
    {
        return str_replace(['~', '/'], ['~0', '~1'], $key);
    }
}
