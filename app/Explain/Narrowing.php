<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Node;

/**
 * How a pool was narrowed, step by step.
 *
 * @phpstan-import-type PersonName from ReasonTrail
 * @phpstan-import-type Step from ReasonTrail
 */
final readonly class Narrowing
{
    public function __construct(private HouseWords $house, private TraceWords $words) {}

    /** @return list<Step> */
    public function steps(Node $verdict): array
    {
        $house = $verdict->find('house')?->int() ?? 0;
        $steps = [
            [
                'code' => 'house',
                'count' => $house,
                'label' => $this->house->words->say('trail.house', ['count' => $house]),
                'kept' => [],
                'fallen' => [],
            ],
        ];
        foreach ($verdict->itemsOf('steps') as $step) {
            $kept = $step->textsOf('kept');
            $code = $step->get('step')->text();
            $steps[] = [
                'code' => $code,
                'count' => count($kept),
                'label' => $this->words->stepLabel($code, $verdict),
                'kept' => array_map($this->house->named(...), $kept),
                'fallen' => array_map($this->excluded(...), $step->itemsOf('fallen')),
            ];
        }

        return $steps;
    }

    /** @return array{slug: string, name: string, reason: string} */
    public function excluded(Node $one): array
    {
        return $this->house->named($one->get('person')->text()) + ['reason' => $this->words->reasons($one)];
    }

    public function sentence(Node $verdict): string
    {
        return implode(
            ' → ',
            array_map(static fn(array $step): string => "{$step['count']} {$step['label']}", $this->steps($verdict)),
        );
    }
}
