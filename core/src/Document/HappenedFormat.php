<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\Happened;

/** What has happened on a task, as a document: like the event of a rule that waits for it. */
final class HappenedFormat
{
    /** @throws DocumentError */
    public static function read(Node $node, RuleContext $context): Happened
    {
        $event = PartFormat::read($node, Family::Event, $context);

        return $event instanceof Happened
            ? $event
            : throw $node
                ->get('kind')
                ->fail(
                    '"{kind}" does not happen by itself: it follows from how a task changes. What happens is one ' .
                        'of: {known}.',
                    kind: $event::kind(),
                    known: implode(', ', array_keys($context->kinds->happening())),
                );
    }

    /** @return array<string, mixed>|null null: it is for one rule alone, and told elsewhere */
    public static function write(Happened $happened): ?array
    {
        return $happened instanceof Part ? PartFormat::write($happened) : null;
    }
}
