<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Flow\ClosedGate;
use OpenBaton\Core\Flow\Gate\Missing;

/** Gates that a case could not pass, as records and documents have them. */
final class GateFormat
{
    /**
     * @param list<ClosedGate> $closed
     *
     * @return list<array{stage: string, leaving: bool, missing: list<array<string, string>>}>
     */
    public static function writeClosed(array $closed): array
    {
        return array_map(
            static fn(ClosedGate $gate): array => [
                'stage' => $gate->stage,
                'leaving' => $gate->leaving,
                'missing' => array_map(
                    static fn(Missing $one): array => ['kind' => $one->kind, 'what' => $one->what] +
                        ($one->holderId === null ? [] : ['holder' => $one->holderId]),
                    $gate->missing,
                ),
            ],
            $closed,
        );
    }

    /**
     * @return list<ClosedGate>
     *
     * @throws DocumentError
     */
    public static function readClosed(Node $node): array
    {
        $closed = [];
        foreach ($node->items() as $gate) {
            $missing = array_map(
                static fn(Node $one): Missing => new Missing(
                    $one->get('kind')->text(),
                    $one->get('what')->text(),
                    $one->find('holder')?->text(),
                ),
                $gate->get('missing')->items(),
            );
            if ($missing !== []) {
                $closed[] = new ClosedGate($gate->get('stage')->text(), $gate->get('leaving')->bool(), $missing);
            }
        }

        return $closed;
    }
}
