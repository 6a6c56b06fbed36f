<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\ClosedGate;

/** What gates wait for, in words. */
final readonly class GateWords
{
    /** @param array<array-key, string> $tasks how tasks are called, by id; of others nothing is known */
    public function __construct(private HouseWords $house, private array $tasks = []) {}

    /** @param Node $closed gates as records have them */
    public function record(Node $closed): string
    {
        $said = [];
        foreach ($closed->items() as $gate) {
            foreach ($gate->get('missing')->items() as $one) {
                $said[] = $this->one(
                    $one->get('kind')->text(),
                    $one->get('what')->text(),
                    $one->find('holder')?->text(),
                );
            }
        }

        return implode('; ', $said);
    }

    /**
     * @param list<ClosedGate> $closed
     *
     * @return list<array{what: string, who: string|null, task: string|null}> who is to see to it, by slug; the task
     *     that is to be done, by id
     */
    public function lines(array $closed): array
    {
        $lines = [];
        foreach ($closed as $gate) {
            foreach ($gate->missing as $one) {
                $lines[] = [
                    'what' => $this->what($one->kind, $one->what),
                    'who' => $one->holderId,
                    'task' => $one->kind === 'needed_work_done' ? $one->what : null,
                ];
            }
        }

        return $lines;
    }

    private function one(string $kind, string $what, ?string $holder): string
    {
        return $this->house->words->say('missing.with', [
            'what' => $this->what($kind, $what),
            'holder' => $holder === null ? 'none' : $this->house->person($holder),
        ]);
    }

    private function what(string $kind, string $what): string
    {
        return $this->house->words->say("missing.{$kind}", [
            'what' => match ($kind) {
                'needed_work_done' => $this->tasks[$what] ?? $this->house->words->say('missing.task'),
                'field_filled', 'criteria_hold' => $this->house->field($what),
                default => $what,
            },
        ]);
    }
}
