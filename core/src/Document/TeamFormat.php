<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Time\LocalDate;

/** Reads the teams of a roster document. */
final class TeamFormat
{
    /** People whom a team or a skill may need on a day. */
    private const MOST = 500;

    /**
     * @param list<Node>               $nodes
     * @param array<array-key, Person> $people by id
     *
     * @return list<Team>
     *
     * @throws DocumentError
     */
    public static function read(array $nodes, array $people): array
    {
        $teams = Format::distinct($nodes);
        foreach ($teams as $id => $team) {
            self::checkParents((string) $id, $team, $teams);
        }

        return array_map(static fn(Node $team): Team => self::team($team, $people), array_values($teams));
    }

    /** How many should be there on each day; decisions do not ask for it. */
    public static function checkMinimum(Node $node): void
    {
        $node->find('minimum')?->intBetween(1, self::MOST);
    }

    /** @param array<array-key, Node> $teams */
    private static function checkParents(string $id, Node $team, array $teams): void
    {
        $seen = [];
        for ($parent = $team->find('parent'); $parent !== null; $parent = $teams[$parent->text()]->find('parent')) {
            $above = $parent->text();
            if (!isset($teams[$above])) {
                throw $parent->fail('There is no team "{above}".', above: $above);
            }
            if ($above === $id) {
                throw $team->get('parent')->fail('"{id}" would lie within itself.', id: $id);
            }
            // A circle that this team is not part of is found at one of those that are.
            if (isset($seen[$above])) {
                return;
            }
            $seen[$above] = true;
        }
    }

    /** @param array<array-key, Person> $people */
    private static function team(Node $node, array $people): Team
    {
        $node->only(['id', 'name', 'parent', 'lead', 'members', 'minimum']);
        self::checkMinimum($node);
        $members = [];
        foreach ($node->itemsOf('members') as $member) {
            $id = Known::person($member->get('person'), $people);
            if (isset($members[$id])) {
                throw $member->get('person')->fail('"{id}" is in this team already.', id: $id);
            }
            $member->only(['person', 'weight', 'from', 'until']);
            $weight = $member->find('weight')?->int() ?? Membership::FULL_WEIGHT;
            [$from, $until] = array_map(
                static fn(string $name): ?LocalDate => $member->has($name)
                    ? HoursFormat::date($member->get($name))
                    : null,
                ['from', 'until'],
            );
            $members[$id] = $member->refuse(static fn(): Membership => new Membership($id, $weight, $from, $until));
        }
        $lead = $node->find('lead');

        return new Team(
            $node->get('id')->line(TextLimits::ID),
            $node->get('name')->line(TextLimits::NAME),
            array_values($members),
            $node->find('parent')?->text(),
            $lead === null ? null : Known::person($lead, $people),
        );
    }
}
