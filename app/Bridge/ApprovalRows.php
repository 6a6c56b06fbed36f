<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Approvals\Approval as Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Document\ApprovalFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Approval;

/** Approvals between their rows and the core. People stand in both by their slug. */
final class ApprovalRows
{
    public static function read(Row $row): Approval
    {
        return ApprovalFormat::read(Node::root($row->state));
    }

    /** @return array<string, mixed> columns */
    public static function columns(Approval $approval): array
    {
        $moment = static fn(?int $instant): ?CarbonImmutable => $instant === null
            ? null
            : CarbonImmutable::createFromTimestampUTC($instant);

        return [
            'state' => ApprovalFormat::write($approval),
            'asked_at' => $moment($approval->askedAt),
            'latest_at' => $moment($approval->latest),
            'outcome' => $approval->outcome,
            'settled_at' => $moment($approval->settledAt),
        ];
    }

    /**
     * @param Collection<int, Row> $rows
     *
     * @return array<array-key, Approval> the latest of each name
     */
    public static function latest(Collection $rows): array
    {
        $latest = [];
        foreach ($rows->sortBy('id') as $row) {
            $latest[$row->name] = self::read($row);
        }

        return $latest;
    }
}
