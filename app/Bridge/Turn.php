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
    private const ROWS = 'SELECT houses.id, roster_revision, draft_revision, rulebook_versions.id AS version_id FROM houses LEFT JOIN rulebook_versions ON only_one = ? LIMIT 1';

    private function __construct(
        public string $houseId,
        public int $rosterRevision,
        public ?string $versionId,
        public int $draftRevision,
    ) {}

    /** Waits for one's turn. */
    public static function take(): self
    {
        return self::read(true);
    }

    /** How things are now, without waiting; they may be otherwise when it is one's turn. */
    public static function look(): self
    {
        return self::read(false);
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

    private static function read(bool $lock): self
    {
        $row = DB::selectOne(self::ROWS.($lock ? ' FOR UPDATE' : ''), [VersionState::Published->value]);

        return $row instanceof stdClass
            ? new self((string) $row->id, (int) $row->roster_revision, is_string($row->version_id) ? $row->version_id : null, (int) $row->draft_revision)
            : throw new RuntimeException('There is no house yet; seed the database first.');
    }
}
