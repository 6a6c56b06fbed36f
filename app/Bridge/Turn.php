<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Question;
use App\Models\VersionState;
use RuntimeException;
use stdClass;

/**
 * The turnstile through which one routing, publishing or change of the roster
 * goes at a time: the rows of the house and of its published rulebook, locked
 * until the transaction ends.
 */
final readonly class Turn
{
    private const COLUMNS = 'houses.id AS house_id, roster_revision, draft_revision, rulebook_versions.id AS version_id';

    private const TABLES = 'houses LEFT JOIN rulebook_versions ON only_one = ?';

    private const ROW = 'SELECT '.self::COLUMNS.' FROM '.self::TABLES.' LIMIT 1';

    /** The same with some rotations and their seats, in any order: a row for each seat. */
    private const ROWS = 'SELECT '.self::COLUMNS.', rotations.id AS rotation_id, rotations.name, rotations.now,'
        .' rotation_seats.person_id, rotation_seats.position, rotation_seats.mark FROM '.self::TABLES
        .' LEFT JOIN rotations ON rotations.name IN (%s) LEFT JOIN rotation_seats ON rotation_seats.rotation_id = rotations.id';

    private function __construct(
        public string $houseId,
        public int $rosterRevision,
        public ?string $versionId,
        public int $draftRevision,
    ) {}

    /** Waits for one's turn. */
    public static function take(): self
    {
        return self::of(self::taking([])->ask());
    }

    /**
     * What waits for one's turn and has the rotations of these names with it, locked as well.
     *
     * @param list<string> $names
     */
    public static function taking(array $names): Question
    {
        return $names === []
            ? new Question(self::ROW.' FOR UPDATE', [VersionState::Published->value])
            : new Question(sprintf(self::ROWS, Question::marks($names)).' FOR UPDATE', [VersionState::Published->value, ...$names]);
    }

    /** How things are now, without waiting; they may be otherwise when it is one's turn. */
    public static function look(): self
    {
        return self::of((new Question(self::ROW, [VersionState::Published->value]))->ask());
    }

    /** @param array<int, stdClass> $rows the answer of taking() */
    public static function of(array $rows): self
    {
        $row = $rows[0] ?? null;

        return $row !== null
            ? new self((string) $row->house_id, (int) $row->roster_revision, is_string($row->version_id) ? $row->version_id : null, (int) $row->draft_revision)
            : throw new RuntimeException('There is no house yet; seed the database first.');
    }

    /** The name of the snapshot of the house in this turn. */
    public function house(): string
    {
        return "{$this->houseId}:{$this->rosterRevision}";
    }

    /** Whether house and published rulebook are the same in the two. */
    public function is(self $other): bool
    {
        return $this->house() === $other->house() && $this->versionId === $other->versionId;
    }
}
