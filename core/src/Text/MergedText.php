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
            throw new Refusal('A field that is merged in stands between two tildes, as in ~customer.name~; for a tilde itself write two.');
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

    /** @return list<string> of the fields that it names, each once */
    public function paths(): array
    {
        return array_values(array_unique(array_map(static fn(MergedField $field): string => $field->path, $this->fields())));
    }

    public function fill(Facts $facts, ValueWords $words): string
    {
        $filled = '';
        foreach ($this->pieces as $piece) {
            if (is_string($piece)) {
                $filled .= $piece;
                continue;
            }
            $value = $facts->value($piece->path);
            $filled .= Plain::isMissing($value) ? $piece->otherwise ?? $words->missing($piece->path) : $words->value($piece->path, $value ?? '');
        }

        return trim((string) preg_replace('/[^\S\n]{2,}/', ' ', $filled));
    }

    /** @return list<string> paths of the fields that are empty, each once */
    public function missing(Facts $facts): array
    {
        return array_values(array_filter($this->paths(), static fn(string $path): bool => Plain::isMissing($facts->value($path))));
    }

    /** @return list<MergedField> */
    private function fields(): array
    {
        return array_values(array_filter($this->pieces, static fn(string|MergedField $piece): bool => $piece instanceof MergedField));
    }
}
