<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Row;
use App\Models\House\House;
use App\Models\Rules\VersionState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\JoinClause;
use RuntimeException;

/**
 * The revisions of the house and its published rulebook at one moment.
 *
 * Locked, it is what routing, publishing and changes of the roster take one
 * after the other: the rows of the house and of the published version, until
 * the transaction ends.
 */
final readonly class HouseState
{
    /** @param int $tickedAt instant until which the clock has been looked at */
    private function __construct(
        public string $houseId,
        public int $rosterRevision,
        public ?string $versionId,
        public int $draftRevision,
        public int $customerRevision,
        public int $tickedAt,
    ) {}

    /** Waits for the lock. */
    public static function lock(): self
    {
        return self::of(self::query()->lockForUpdate());
    }

    /** Without waiting: it may be otherwise by the time of a lock. */
    public static function read(): self
    {
        return self::of(self::query());
    }

    /** @return Builder<House> */
    private static function query(): Builder
    {
        return House::query()->leftJoin('rulebook_versions', static function (JoinClause $join): void {
            $join->where('rulebook_versions.only_one', VersionState::Published->value);
        });
    }

    /** @param Builder<House> $query */
    private static function of(Builder $query): self
    {
        $row =
            $query
                ->toBase()
                ->first([
                    'houses.id',
                    'houses.roster_revision',
                    'houses.draft_revision',
                    'houses.customer_revision',
                    'houses.ticked_at',
                    'rulebook_versions.id AS version_id',
                ]) ?? throw new RuntimeException('There is no house yet; seed the database first.');

        $row = new Row($row);

        return new self(
            $row->text('id'),
            $row->int('roster_revision'),
            $row->textOrNull('version_id'),
            $row->int('draft_revision'),
            $row->int('customer_revision'),
            $row->instantOrNull('ticked_at') ?? 0,
        );
    }

    /** The name of the snapshot of the house in this state. */
    public function snapshotName(): string
    {
        return "{$this->houseId}:{$this->rosterRevision}";
    }

    /**
     * Whether all that decisions look at is the same in the two: house, customers and published rulebook. The draft,
     * and how far the clock has come, make no difference to them.
     */
    public function decidesLike(self $other): bool
    {
        return $this->snapshotName() === $other->snapshotName() &&
            $this->versionId === $other->versionId &&
            $this->customerRevision === $other->customerRevision;
    }
}
