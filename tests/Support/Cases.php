<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Access\Actor;
use App\Cases\OpenCase;
use App\Cases\SaveTrack;
use App\Models\Cases\CustomerCase;
use App\Models\Cases\Track;
use App\Models\House\CustomField;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Decision;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TrackFormat;

/** A track, and cases on it, in the house of the tests. */
final class Cases
{
    /** @return array<string, mixed> the document of the track Hire */
    public static function document(): array
    {
        return [
            'openbaton' => TrackFormat::VERSION,
            'id' => 'hire',
            'name' => 'Hire',
            'owner_takes_tasks' => true,
            'stages' => [
                ['key' => 'enquiry', 'name' => 'Enquiry', 'target' => 'PT8H'],
                [
                    'key' => 'fitting',
                    'name' => 'Fitting',
                    'leave' => [['kind' => 'needed_work_done'], ['kind' => 'field_filled', 'field' => 'case.terms']],
                ],
                ['key' => 'on-hire', 'name' => 'On hire'],
            ],
            'outcomes' => [['key' => 'renewed', 'label' => 'Renewed'], ['key' => 'declined', 'label' => 'Declined']],
        ];
    }

    /** The track, published, with a field of cases that the house keeps. */
    public static function track(): Track
    {
        $known = Track::query()->where('slug', 'hire')->first();
        if ($known !== null) {
            return $known;
        }
        CustomField::query()->create([
            'path' => 'case.terms',
            'label' => 'Terms signed on',
            'type' => 'date',
            'position' => 90,
        ]);
        HouseRow::query()->increment('roster_revision');
        $save = app(SaveTrack::class);
        $by = Actor::user(House::user('hanneke'));
        $track = $save->draft(Node::root(self::document()), $by);
        $save->publish($track, $track->revision, $by);
        app()->forgetScopedInstances();

        return $track->refresh();
    }

    /** One of the demo's that is open, with needed work where there is such a one. */
    public static function ofDemo(): CustomerCase
    {
        return CustomerCase::query()->open()->orderByDesc('open_needed')->orderBy('number')->firstOrFail();
    }

    /** @return array<string, string> what stands in addresses, of a case of Callum's */
    public static function ids(): array
    {
        $case = self::open(['owner' => 'callum']);

        return [
            '{case}' => $case->id,
            '{decision}' => (string) Decision::query()->where('case_id', $case->id)->sole()->id,
            '{track}' => 'hire',
        ];
    }

    /** @param array<string, mixed> $more members of what is opened */
    public static function open(array $more = []): CustomerCase
    {
        self::track();

        return app(
            OpenCase::class,
        )(Node::root($more + ['track' => 'hire', 'title' => 'Forty clarinets']), Actor::user(House::user('hanneke')));
    }
}
