<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Time\Span;

/** Reads one absence of a roster document: whole days by "first" and "last", or an exact stretch by "from" and "to". */
final class AbsenceFormat
{
    /**
     * @param Roster         $roster without absences
     * @param FieldCatalogue $fields that criteria of substitutes may be about
     *
     * @throws DocumentError
     */
    public static function read(Node $node, Roster $roster, FieldCatalogue $fields): Absence
    {
        $node->only(['id', 'person', 'first', 'last', 'from', 'to', 'status', 'substitutes', 'held', 'hand_back']);
        $people = $roster->people;
        $personId = Known::person($node->get('person'), $people);
        $substitutes = [];
        foreach ($node->itemsOf('substitutes') as $item) {
            $substitute = self::substitute($item, $roster, $fields);
            $id = $substitute->personId;
            if ($id === $personId || isset($substitutes[$id])) {
                throw $id === $personId
                    ? $item->fail('Nobody is their own substitute.')
                    : $item->fail('"{id}" is named already.', id: $id);
            }
            $substitutes[$id] = $substitute;
        }

        return new Absence(
            $node->get('id')->line(TextLimits::ID),
            $personId,
            self::span($node, $people[$personId]),
            $node->get('status')->case(AbsenceStatus::class),
            array_values($substitutes),
            $node->find('held')?->case(HeldPolicy::class) ?? HeldPolicy::FallsDue,
            $node->find('hand_back')?->case(HandBackPolicy::class) ?? HandBackPolicy::Untouched,
        );
    }

    /** The id of a person, or {"person", "only"} with criteria of the work that they stand in for. */
    private static function substitute(Node $node, Roster $roster, FieldCatalogue $fields): Substitute
    {
        if (!$node->isObject()) {
            return new Substitute(Known::person($node, $roster->people));
        }
        $node->only(['person', 'only']);
        $id = Known::person($node->get('person'), $roster->people);

        return !$node->has('only')
            ? new Substitute($id)
            : new Substitute(
                $id,
                (new CriteriaFormat(new RuleContext(KindRegistry::standard(), $fields, $roster)))->read(
                    $node->get('only'),
                ),
                $fields,
            );
    }

    private static function span(Node $node, Person $person): Span
    {
        $days = $node->has('first') || $node->has('last');
        if ($days === ($node->has('from') || $node->has('to'))) {
            throw $node->fail('Give either "first" and "last", or "from" and "to".');
        }

        return $node->refuse(
            static fn(): Span => $days
                ? Absence::wholeDays(
                    HoursFormat::date($node->get('first')),
                    HoursFormat::date($node->get('last')),
                    $person->hours->zone(),
                )
                : new Span($node->get('from')->instant(), $node->get('to')->instant()),
        );
    }
}
