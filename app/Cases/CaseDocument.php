<?php

declare(strict_types=1);

namespace App\Cases;

use App\Bridge\Snapshot;
use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\Node;

/** A case as other systems are told of it; docs/formats/openapi.yaml describes it. */
final class CaseDocument
{
    /** What a case has to come with. */
    public const RELATIONS = ['customer'];

    /**
     * @param CustomerCase $case with RELATIONS
     *
     * @return array<string, mixed>
     */
    public static function of(CustomerCase $case, Snapshot $house): array
    {
        $refused = $case->refused === null ? null : Node::root($case->refused);

        return [
            'id' => $case->id,
            'number' => (int) $case->number,
            'title' => $case->title,
            'track' => $house->trackSlugs[$case->track_id] ?? null,
            'stage' => $case->stage,
            'stage_since' => Instant::format($case->stage_since->getTimestamp()),
            'open' => $case->isOpen(),
            'outcome' => $case->outcome,
            'opened' => Instant::format($case->opened_at->getTimestamp()),
            'closed' => Instant::orNull($case->closed_at?->getTimestamp()),
            'customer' => $case->customer?->slug,
            'owner' => $house->personSlugs[(string) $case->owner_id] ?? null,
            'above' => $case->parent_id,
            'tags' => $case->tagList(),
            'facts' => (object) $case->facts,
            'open_needed' => $case->open_needed,
            'refused' =>
                $refused === null
                    ? null
                    : ['to' => $refused->find('to')?->text(), 'why' => $refused->get('why')->text()],
            'revision' => $case->revision,
        ];
    }

    /**
     * @param CustomerCase $case with RELATIONS and its stays
     *
     * @return array<string, mixed> with where it has stood
     */
    public static function whole(CustomerCase $case, Snapshot $house): array
    {
        return self::of($case, $house) + [
            'stays' => array_values(
                $case->stays
                    ->map(
                        static fn(CaseStay $stay): array => [
                            'stage' => $stay->stage,
                            'entered' => Instant::format($stay->entered_at->getTimestamp()),
                            'left' => Instant::orNull($stay->left_at?->getTimestamp()),
                            'reason' => $stay->reason,
                        ],
                    )
                    ->all(),
            ),
        ];
    }
}
