<?php

declare(strict_types=1);

namespace App\People;

use App\Database\Slug;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;

/**
 * Rows of a table that name people, teams and skills as people do: whoever has no id is known by their address, or by
 * their name where it is one's alone; somebody new gets an id from the name.
 *
 * @phpstan-type Row array{document: array<string, mixed>, teams: array<string, int>|null, line?: int}
 */
final class NamedRows
{
    private const LONGEST = 60;

    /** @var list<string> ids that there are, and those of the rows so far */
    private array $taken;

    /** @var array<string, array<string, list<string>>> ids by what they are known by, in small letters: by list */
    private array $known = [];

    /** @param array<string, mixed> $roster of the house as a document */
    public function __construct(array $roster)
    {
        foreach (['people' => ['email', 'name'], 'teams' => ['name'], 'skills' => ['name']] as $list => $members) {
            foreach ((array) ($roster[$list] ?? []) as $item) {
                $item = (array) $item;
                foreach ($members as $member) {
                    if (is_string($item[$member] ?? null) && is_string($item['id'] ?? null)) {
                        $this->known["{$list}.{$member}"][mb_strtolower($item[$member])][] = $item['id'];
                    }
                }
            }
        }
        $this->taken = array_values(
            array_filter(array_column((array) ($roster['people'] ?? []), 'id'), is_string(...)),
        );
    }

    /**
     * @param list<Row> $rows
     *
     * @return list<Row> with the id of each person, and teams and skills by theirs
     *
     * @throws DocumentError with what is wrong, by the lines of the table
     */
    public function identified(array $rows): array
    {
        $faults = new Faults();
        $lines = [];
        $named = [];
        foreach ($rows as $row) {
            $line = $row['line'] ?? 0;
            $id = $faults->collect(fn(): string => $this->id($row['document'], $line));
            if ($id === null) {
                continue;
            }
            if (isset($lines[$id])) {
                $faults->add(self::fault($line, 'This is the same person as in line {other}.', other: $lines[$id]));
                continue;
            }
            $lines[$id] = $line;
            $row['document'] = ['id' => $id] + $row['document'];
            if (is_array($row['document']['skills'] ?? null)) {
                $row['document']['skills'] = $this->renamed('skills.name', $row['document']['skills']);
            }
            $row['teams'] = $row['teams'] === null ? null : $this->renamed('teams.name', $row['teams']);
            $named[] = $row;
        }
        $faults->throwIfAny();

        return $named;
    }

    /** @param array<string, mixed> $document */
    private function id(array $document, int $line): string
    {
        if (is_string($document['id'] ?? null)) {
            return $document['id'];
        }
        foreach (['email', 'name'] as $member) {
            $text = is_string($document[$member] ?? null) ? mb_strtolower($document[$member]) : '';
            $found = $this->known["people.{$member}"][$text] ?? [];
            if (count($found) === 1) {
                return $found[0];
            }
            if ($found !== []) {
                throw new DocumentError([
                    self::fault($line, 'There are several people with this {member}; give their id.', member: $member),
                ]);
            }
        }
        $name = is_string($document['name'] ?? null) ? $document['name'] : '';
        $id = Slug::among($name, $this->taken, '-', self::LONGEST);
        $this->taken[] = $id;
        // A second line of the same name and address is the same person.
        foreach (['email', 'name'] as $member) {
            if (is_string($document[$member] ?? null)) {
                $this->known["people.{$member}"][mb_strtolower($document[$member])][] = $id;
                break;
            }
        }

        return $id;
    }

    /**
     * @param array<array-key, mixed> $numbers by name or id
     *
     * @return array<string, int> by id; what is not known stays, and is refused by its name
     */
    private function renamed(string $list, array $numbers): array
    {
        $renamed = [];
        foreach ($numbers as $name => $number) {
            $renamed[$this->known[$list][mb_strtolower((string) $name)][0] ?? (string) $name] = is_int($number)
                ? $number
                : 0;
        }

        return $renamed;
    }

    private static function fault(int $line, string $message, string|int ...$slots): Fault
    {
        return new Fault("/line {$line}", $message, slots: $slots);
    }
}
