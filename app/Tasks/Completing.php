<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Bridge\Snapshot;
use App\Refusals\NotYetComplete;
use App\Words\Words;
use OpenBaton\Core\Subject\TaskSubject;

/** What the kind of a task asks for before it is completed, or sent to be reviewed. */
final readonly class Completing
{
    public function __construct(private Words $words) {}

    /** @throws NotYetComplete where something is missing */
    public function check(TaskSubject $subject, ?string $note, Snapshot $house): void
    {
        $kind = $subject->fields['task.kind'] ?? null;
        $completion = is_string($kind) ? $house->kindNamed($kind)?->completion : null;
        $missing = $completion?->missing($subject, $note) ?? [];
        if ($missing !== []) {
            throw NotYetComplete::without($this->inWords($missing, $house));
        }
    }

    /**
     * @param list<string> $missing as the core says it
     *
     * @return list<string>
     */
    public function inWords(array $missing, Snapshot $house): array
    {
        return array_map(
            fn(string $one): string => str_contains($one, '.')
                ? $house->catalogue->find($one)->label ?? $one
                : $this->words->say("completion.{$one}"),
            $missing,
        );
    }
}
