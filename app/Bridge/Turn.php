<?php

declare(strict_types=1);

namespace App\Bridge;

use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * The turnstile through which one routing, publishing or change of the roster
 * goes at a time: the rows of the house and of its published rulebook, locked
 * until the transaction ends.
 */
final readonly class Turn
{
    private function __construct(
        public string $houseId,
        public int $rosterRevision,
        public ?string $versionId,
        public int $versionRevision,
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

    private static function read(bool $lock): self
    {
        $query = DB::table('houses')->leftJoin('rulebook_versions', static fn($join) => $join->where('rulebook_versions.state', 'published'));
        $row = ($lock ? $query->lockForUpdate() : $query)
            ->first(['houses.id AS house', 'roster_revision', 'rulebook_versions.id AS version', 'revision'])
            ?? throw new RuntimeException('There is no house yet; seed the database first.');

        return new self((string) $row->house, (int) $row->roster_revision, is_string($row->version) ? $row->version : null, (int) $row->revision);
    }
}
