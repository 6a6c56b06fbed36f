<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\VersionState;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use stdClass;

/**
 * The turnstile through which one routing, publishing or change of the roster
 * goes at a time: the rows of the house and of its published rulebook, locked
 * until the transaction ends.
 */
final readonly class Turn
{
    private const ROWS = 'SELECT houses.id AS house_id, roster_revision, draft_revision, rulebook_versions.id AS version_id FROM houses LEFT JOIN rulebook_versions ON only_one = ? LIMIT 1';

    /** The same with some rotations and their seats, which are locked after the house: a row for each seat. */
    private const ROWS_WITH_ROTATIONS = <<<'SQL'
        SELECT houses.id AS house_id, roster_revision, draft_revision, rulebook_versions.id AS version_id,
            rotations.id AS rotation_id, rotations.name, rotations.now, rotation_seats.person_id, rotation_seats.position, rotation_seats.mark
        FROM houses LEFT JOIN rulebook_versions ON only_one = ?
            LEFT JOIN rotations ON rotations.name IN (%s) LEFT JOIN rotation_seats ON rotation_seats.rotation_id = rotations.id
        ORDER BY rotations.id, rotation_seats.position FOR UPDATE
        SQL;

    private function __construct(
        public string $houseId,
        public int $rosterRevision,
        public ?string $versionId,
        public int $draftRevision,
    ) {}

    /** Waits for one's turn. */
    public static function take(): self
    {
        return self::of(DB::selectOne(self::ROWS.' FOR UPDATE', [VersionState::Published->value]));
    }

    /**
     * Waits for one's turn, and has the rotations of these names with it.
     *
     * @param list<string> $names
     */
    public static function takeWithRotations(array $names): RotationStore
    {
        if ($names === []) {
            return new RotationStore(self::take(), [], []);
        }
        $rows = DB::select(sprintf(self::ROWS_WITH_ROTATIONS, implode(', ', array_fill(0, count($names), '?'))), [VersionState::Published->value, ...$names]);

        return new RotationStore(self::of($rows[0] ?? null), $names, $rows);
    }

    /** How things are now, without waiting; they may be otherwise when it is one's turn. */
    public static function look(): self
    {
        return self::of(DB::selectOne(self::ROWS, [VersionState::Published->value]));
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

    private static function of(mixed $row): self
    {
        return $row instanceof stdClass
            ? new self((string) $row->house_id, (int) $row->roster_revision, is_string($row->version_id) ? $row->version_id : null, (int) $row->draft_revision)
            : throw new RuntimeException('There is no house yet; seed the database first.');
    }
}
