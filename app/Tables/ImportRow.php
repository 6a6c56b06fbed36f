<?php

declare(strict_types=1);

namespace App\Tables;

/** A row of a table that comes in. */
final readonly class ImportRow
{
    /** @param array<string, mixed> $document what it says */
    public function __construct(public int $line, public array $document) {}

    /** @return string what a member says; empty where it is not there, or no text */
    public function text(string $member): string
    {
        $text = $this->document[$member] ?? '';

        return is_string($text) ? $text : '';
    }

    /** @return string|null by which what the line makes is made once, whoever sends it: any text may be one */
    public function key(): ?string
    {
        $key = $this->text('key');

        return $key === '' ? null : 'table-' . hash('sha256', $key);
    }

    /**
     * @param list<self> $rows
     *
     * @return list<string> what these members say in all of them, each once
     */
    public static function texts(array $rows, string ...$members): array
    {
        $texts = [];
        foreach ($rows as $row) {
            foreach ($members as $member) {
                $texts[] = $row->text($member);
            }
        }

        return array_values(array_unique(array_filter($texts, static fn(string $text): bool => $text !== '')));
    }
}
