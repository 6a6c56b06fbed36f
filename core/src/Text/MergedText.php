<?php

declare(strict_types=1);

namespace OpenBaton\Core\Text;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Refusal;

/**
 * A text with fields merged in, each between two tildes: "Call ~customer.name~".
 * After a bar stands what is said where the field is empty: "~customer.name|the
 * customer~"; without one, that the field is not known is said in its place.
 * Two tildes stand for one.
 */
final readonly class MergedText
{
    /** @param list<string|MergedField> $pieces */
    private function __construct(public string $text, private array $pieces) {}

    /** @throws Refusal */
    public static function parse(string $text): self
    {
        $parts = explode('~', str_replace('~~', "\0", $text));
        if (count($parts) % 2 === 0) {
            throw new Refusal(
                'A field that is merged in stands between two tildes, as in ~customer.name~; for a tilde itself ' .
                    'write two.',
            );
        }
        $pieces = [];
        foreach ($parts as $at => $part) {
            $part = str_replace("\0", '~', $part);
            if ($at % 2 === 1) {
                $field = explode('|', $part, 2);
                $pieces[] = new MergedField(trim($field[0]), isset($field[1]) ? trim($field[1]) : null);
            } elseif ($part !== '') {
                $pieces[] = $part;
            }
        }

        return new self($text, $pieces);
    }

    /**
     * With what some fields say now in their place; the others are still merged in.
     *
     * @param callable(string): bool $follows whether a field stays, by its path
     *
     * @return self|null null: no field is left
     */
    public function pinned(callable $follows, Facts $facts, ValueWords $words): ?self
    {
        $text = '';
        foreach ($this->pieces as $piece) {
            $text .= match (true) {
                is_string($piece) => self::plain($piece),
                $follows($piece->path) => "~{$piece->path}" .
                    ($piece->otherwise === null ? '' : "|{$piece->otherwise}") .
                    '~',
                default => self::plain(self::said($piece, $facts, $words)),
            };
        }
        $pinned = self::parse($text);

        return $pinned->fields() === [] ? null : $pinned;
    }

    private static function plain(string $text): string
    {
        return str_replace('~', '~~', $text);
    }

    private static function said(MergedField $field, Facts $facts, ValueWords $words): string
    {
        $value = $facts->value($field->path);

        return Plain::isMissing($value)
            ? $field->otherwise ?? $words->missing($field->path)
            : $words->value($field->path, $value ?? '');
    }

    /** @return list<string> of the fields that it names, each once */
    public function paths(): array
    {
        return array_values(
            array_unique(array_map(static fn(MergedField $field): string => $field->path, $this->fields())),
        );
    }

    public function fill(Facts $facts, ValueWords $words): string
    {
        $filled = '';
        foreach ($this->pieces as $piece) {
            $filled .= is_string($piece) ? $piece : self::said($piece, $facts, $words);
        }

        return trim((string) preg_replace('/[^\S\n]{2,}/', ' ', $filled));
    }

    /** @return list<string> paths of the fields that are empty, each once */
    public function missing(Facts $facts): array
    {
        return array_values(
            array_filter($this->paths(), static fn(string $path): bool => Plain::isMissing($facts->value($path))),
        );
    }

    /** @return list<MergedField> */
    private function fields(): array
    {
        return array_values(
            array_filter($this->pieces, static fn(string|MergedField $piece): bool => $piece instanceof MergedField),
        );
    }
}
