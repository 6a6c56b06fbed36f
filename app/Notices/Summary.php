<?php

declare(strict_types=1);

namespace App\Notices;

use App\Words\Words;

/** The summary of somebody's morning. */
final readonly class Summary
{
    /** Lines of one section. */
    private const LINES = 15;

    /** @param array<string, non-empty-list<string>> $sections lines by section, in their order */
    public function __construct(private array $sections) {}

    public function isEmpty(): bool
    {
        return $this->sections === [];
    }

    /** How much of what there is, in one line. */
    public function headline(Words $words): string
    {
        return $words->say('news.day', [
            'what' => implode(
                ', ',
                array_map(
                    static fn(string $section, array $lines): string => $words->say("news.day_counts.{$section}", [
                        'count' => count($lines),
                    ]),
                    array_keys($this->sections),
                    $this->sections,
                ),
            ),
        ]);
    }

    public function text(Words $words): string
    {
        $parts = [];
        foreach ($this->sections as $section => $lines) {
            $some = array_slice($lines, 0, self::LINES);
            $more = count($lines) - count($some);
            $parts[] = implode("\n", [
                $words->say("news.day_sections.{$section}"),
                ...$some,
                ...$more > 0 ? [$words->say('notice.more', ['count' => $more])] : [],
            ]);
        }

        return implode("\n\n", $parts);
    }
}
