<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

/**
 * What came of one rule that held, from its record: the narrowing with who was kept at each step, the candidates, who
 * stood in.
 */
final class AttemptFormat
{
    /** Figures of the trace that are instants. */
    public const INSTANTS = [
        'away_until' => true,
        'last_assigned' => true,
        'finish_at' => true,
        'due_at' => true,
        'away_at' => true,
    ];

    /** @return array<string, mixed> */
    public static function expand(Node $attempt): array
    {
        $kept = $attempt->textsOf('pool');
        $steps = [['step' => 'pool', 'kept' => $kept, 'fallen' => []]];
        foreach ($attempt->itemsOf('steps') as $step) {
            $parts = $step->items();
            $excluded = array_map(self::excluded(...), $parts[1]->items());
            $gone = array_map(static fn(Node $one): string => $one->items()[0]->text(), $parts[1]->items());
            $kept = isset($parts[2]) ? $parts[2]->texts() : array_values(array_diff($kept, $gone));
            $steps[] = ['step' => $parts[0]->text(), 'kept' => $kept, 'fallen' => $excluded];
        }
        $document = ['steps' => $steps];
        if ($attempt->has('figures')) {
            $document['candidates'] = array_map(static function (Node $one): array {
                [$person, $figures] = $one->items();

                return ['person' => $person->text()] + self::figures($figures);
            }, $attempt->get('figures')->items());
        }
        if ($attempt->has('cover')) {
            $document['cover'] = self::cover($attempt->get('cover'));
        }

        return $document;
    }

    /** @return array<string, mixed> */
    public static function excluded(Node $one): array
    {
        [$person, $reasons, $figures] = $one->items();
        $figures = self::figures($figures);

        return [
            'person' => $person->text(),
            'reasons' => $reasons->texts(),
        ] + ($figures === [] ? [] : ['figures' => $figures]);
    }

    /** @return array<string, mixed> */
    private static function cover(Node $cover): array
    {
        return [
            'for' => $cover->get('for')->text(),
            'person' => $cover->find('person')?->text(),
            'by_lead' => $cover->get('by_lead')->bool(),
            'circle' => $cover->get('circle')->bool(),
            'asked' => array_map(static function (Node $step): array {
                [$person, $reasons, $until] = $step->items();

                return [
                    'person' => $person->text(),
                    'reasons' => $reasons->texts(),
                    'away_until' => $until->value === null ? null : Instant::format($until->int()),
                ];
            }, $cover->itemsOf('asked')),
        ];
    }

    /** @return array<string, mixed> */
    private static function figures(Node $figures): array
    {
        $written = [];
        foreach ($figures->members() as [$name, $value]) {
            $written[$name] =
                isset(self::INSTANTS[$name]) && $value->value !== null ? Instant::format($value->int()) : $value->value;
        }

        return $written;
    }
}
