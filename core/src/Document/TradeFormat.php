<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Checklist;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Rulebook\TaskKind;
use OpenBaton\Core\Text\PlainWords;

/** Reads what a house makes tasks and cases of: kinds of task, checklists and tracks. */
final class TradeFormat
{
    private const MOST_MINUTES = 60_000;

    /** @throws DocumentError */
    public static function read(?Node $node, FieldCatalogue $fields, Roster $roster): TaskCatalogue
    {
        $node?->only(['kinds', 'checklists', 'tracks']);
        $kinds = array_map(
            static fn(Node $kind): TaskKind => self::kind($kind, $fields, $roster),
            Format::distinct($node?->itemsOf('kinds') ?? []),
        );
        $checklists = array_map(self::checklist(...), Format::distinct($node?->itemsOf('checklists') ?? []));

        $format = new TrackFormat(new RuleContext(KindRegistry::standard(), $fields, $roster));
        $tracks = array_map($format->read(...), Format::distinct($node?->itemsOf('tracks') ?? []));

        return new TaskCatalogue($kinds, $checklists, new PlainWords($fields), $tracks);
    }

    private static function kind(Node $node, FieldCatalogue $fields, Roster $roster): TaskKind
    {
        $node->only(['id', 'name', 'usual_effort', 'defaults', 'needed']);
        $minutes = $node->find('usual_effort')?->minutes() ?? 0;
        if ($minutes > self::MOST_MINUTES) {
            throw $node->get('usual_effort')->fail('At most PT1000H belong here.');
        }

        return new TaskKind(
            $node->get('id')->line(TextLimits::ID),
            $node->get('name')->line(TextLimits::NAME),
            $minutes,
            TaskFormat::values($node->find('defaults'), $fields, $roster),
            $node->find('needed')?->bool() ?? false,
        );
    }

    private static function checklist(Node $node): Checklist
    {
        $node->only(['id', 'name', 'items']);
        $items = array_map(
            static fn(Node $item): string => $item->line(TextLimits::NAME),
            $node->get('items')->items(),
        );

        return new Checklist(
            $node->get('id')->line(TextLimits::ID),
            $node->get('name')->line(TextLimits::NAME),
            $items === [] ? throw $node->get('items')->unfinished('Give at least one.') : $items,
        );
    }
}
