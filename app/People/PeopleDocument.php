<?php

declare(strict_types=1);

namespace App\People;

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/** A roster document of people from a table or from cards: those in it as it says, all else as it is. */
final class PeopleDocument
{
    /**
     * @param list<array{document: array<string, mixed>, teams: array<string, int>|null, line?: int}> $rows
     * @param array<string, mixed> $known the roster of the house as a document
     *
     * @throws DocumentError where a row is about somebody who can't be told, or is told before
     */
    public static function of(array $rows, array $known): Node
    {
        $rows = (new NamedRows($known))->identified($rows);
        $people = array_map(static fn(array $row): array => $row['document'], $rows);
        $listed = array_column($people, null, 'id');
        /** @var list<array{id: string}> $before */
        $before = $known['people'];
        // First those of the file, so that what is wrong is told by its place in it.
        foreach ($before as $person) {
            if (!isset($listed[$person['id']])) {
                $people[] = $person;
            }
        }
        $teams = [];
        /** @var array{id: string, members: list<array{person: string, weight: int}>} $team */
        foreach ((array) $known['teams'] as $team) {
            $members = array_column($team['members'], null, 'person');
            foreach ($rows as $row) {
                $id = is_string($row['document']['id'] ?? null) ? $row['document']['id'] : '';
                if ($row['teams'] !== null) {
                    $before = $members[$id] ?? [];
                    unset($members[$id]);
                    if (isset($row['teams'][$team['id']])) {
                        $members[$id] = ['person' => $id, 'weight' => $row['teams'][$team['id']]] + $before;
                    }
                }
            }
            $teams[] = ['members' => array_values($members)] + $team;
        }

        return Node::root(json_decode((string) json_encode(['people' => $people, 'teams' => $teams] + $known)));
    }
}
