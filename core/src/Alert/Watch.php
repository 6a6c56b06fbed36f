<?php

declare(strict_types=1);

namespace OpenBaton\Core\Alert;

/**
 * An alert is raised when its condition begins to hold, and not again until that has ceased for an hour: so that what
 * goes to and fro is told once.
 */
final readonly class Watch
{
    private const CEASED = 3600;

    /**
     * @param list<string> $raised what to tell of
     * @param list<string> $holds  what was told of, and holds still
     * @param list<string> $over   what has not held for an hour
     */
    private function __construct(public array $raised, public array $holds, public array $over) {}

    /**
     * @param array<array-key, int> $known   by what it is about: the instant at which it held last
     * @param list<string>          $holding what it is about
     * @param int                   $now     instant
     */
    public static function look(array $known, array $holding, int $now): self
    {
        $over = [];
        foreach ($known as $about => $heldAt) {
            if ($now - $heldAt >= self::CEASED) {
                $over[(string) $about] = true;
            }
        }
        $raised = $holds = [];
        foreach (array_unique($holding) as $about) {
            // What begins again after an hour is told again.
            if (isset($known[$about]) && !isset($over[$about])) {
                $holds[] = $about;
            } else {
                $raised[] = $about;
            }
        }

        return new self($raised, $holds, array_map(strval(...), array_keys($over)));
    }
}
