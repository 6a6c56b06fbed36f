<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Time\Span;

/** Reads one absence of a roster document: whole days by "first" and "last", or an exact stretch by "from" and "to". */
final class AbsenceFormat
{
    /**
     * @param array<array-key, Person> $people by id
     *
     * @throws DocumentError
     */
    public static function read(Node $node, array $people): Absence
    {
        $node->only(['id', 'person', 'first', 'last', 'from', 'to', 'status', 'substitutes']);
        $personId = Known::person($node->get('person'), $people);
        $substitutes = [];
        foreach ($node->itemsOf('substitutes') as $substitute) {
            $id = Known::person($substitute, $people);
            if ($id === $personId || isset($substitutes[$id])) {
                throw $id === $personId ? $substitute->fail('Nobody is their own substitute.') : $substitute->fail('"{id}" is named already.', id: $id);
            }
            $substitutes[$id] = $id;
        }

        return new Absence(
            $node->get('id')->line(TextLimits::ID),
            $personId,
            self::span($node, $people[$personId]),
            $node->get('status')->case(AbsenceStatus::class),
            array_values($substitutes),
        );
    }

    private static function span(Node $node, Person $person): Span
    {
        $days = $node->has('first') || $node->has('last');
        if ($days === ($node->has('from') || $node->has('to'))) {
            throw $node->fail('Give either "first" and "last", or "from" and "to".');
        }

        return $node->refuse(static fn(): Span => $days
            ? Absence::wholeDays(HoursFormat::date($node->get('first')), HoursFormat::date($node->get('last')), $person->hours->zone())
            : new Span($node->get('from')->instant(), $node->get('to')->instant()));
    }
}
