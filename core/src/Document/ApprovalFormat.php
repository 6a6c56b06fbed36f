<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\ApprovalPlace;
use OpenBaton\Core\Flow\ApprovalWay;
use OpenBaton\Core\Flow\Vote;

/** Approvals as documents: how many have to say yes, who is asked, and what each has said. */
final class ApprovalFormat
{
    /** @return array<string, mixed> */
    public static function write(Approval $approval): array
    {
        $way = ApprovalWay::of($approval->rule);

        return array_filter(
            [
                'way' => $way->value,
                'least' => $way === ApprovalWay::AtLeast ? $approval->rule->least : null,
                'places' => array_map(self::writePlace(...), $approval->places),
                'asked_at' => $approval->askedAt,
                'latest' => $approval->latest,
                'outcome' => $approval->outcome?->value,
                'settled_at' => $approval->settledAt,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /** @throws DocumentError */
    public static function read(Node $node): Approval
    {
        return new Approval(
            $node
                ->get('way')
                ->case(ApprovalWay::class)
                ->rule($node->find('least')?->int() ?? 1),
            array_map(self::readPlace(...), $node->get('places')->items()),
            $node->get('asked_at')->int(),
            $node->find('latest')?->int(),
            $node->find('outcome')?->case(ApprovalOutcome::class),
            $node->find('settled_at')?->int(),
        );
    }

    /** @return array<string, mixed> */
    private static function writePlace(ApprovalPlace $place): array
    {
        return array_filter(
            [
                'for' => $place->forId,
                'by' => $place->byId,
                'vote' => $place->vote?->value,
                'reason' => $place->reason,
                'at' => $place->at,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    private static function readPlace(Node $node): ApprovalPlace
    {
        return new ApprovalPlace(
            $node->get('for')->text(),
            $node->find('by')?->text(),
            $node->find('vote')?->case(Vote::class),
            $node->find('reason')?->text(),
            $node->find('at')?->int(),
        );
    }
}
