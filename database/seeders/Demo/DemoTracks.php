<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Access\Actor;
use App\Cases\SaveTrack;
use App\Models\Access\User;
use App\Models\Cases\Track;
use App\Models\Tasks\TaskKind;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TrackFormat;

/** The three tracks of Alder & Quill. */
final class DemoTracks
{
    /** Fields of cases, as the house defines them. */
    public const FIELDS = [
        ['case.fitting_on', 'Fitting on', 'date', null],
        ['case.terms_signed', 'Terms signed on', 'date', null],
        ['case.term_ends', 'Term ends on', 'date', null],
        ['case.estimate', 'Estimate', 'money', null],
        ['case.collected_by', 'Collected by', 'text', null],
    ];

    /** A repair of which two have to approve. */
    public const LARGE = ['field' => 'case.estimate', 'op' => 'more_than', 'value' => 400];

    private const NEEDED = ['kind' => 'needed_work_done'];

    /** Hires had a first version that asked for no approval, and gave less time to a fitting. */
    public static function lay(SaveTrack $save, User $lead, CarbonImmutable $began): void
    {
        foreach ([self::hire(true), self::repair(), self::tuning(), self::hire()] as $days => $document) {
            DemoClock::at($began->addDays($days)->getTimestamp());
            $track = $save->draft(Node::root($document), Actor::user($lead));
            $save->publish($track, $track->revision, Actor::user($lead));
        }
        // Who asks for the price of a hire by the web form opens one.
        TaskKind::query()
            ->where('slug', 'quote')
            ->update(['form_track_id' => Track::query()->where('slug', 'hire')->sole()->id]);
        DemoClock::letGo();
    }

    /** @return array<string, mixed> */
    private static function hire(bool $first = false): array
    {
        return self::track(
            'hire',
            'Hire',
            true,
            ['renewed' => 'Renewed', 'returned' => 'Returned', 'declined' => 'Declined'],
            [
                self::stage('enquiry', 'Enquiry', 'PT16H'),
                self::stage('quote', 'Quote', 'PT24H'),
                self::stage(
                    'fitting',
                    'Fitting',
                    $first ? 'PT30H' : 'PT40H',
                    [
                        self::NEEDED,
                        self::filled('case.terms_signed'),
                        ...$first ? [] : [['kind' => 'approval_given', 'approval' => 'Quote']],
                    ],
                    $first ? null : 'fitting',
                ),
                self::stage('on-hire', 'On hire'),
                self::stage('term-end', 'Term end', 'PT40H'),
                self::stage('returned', 'Returned', 'PT24H', [self::NEEDED]),
            ],
        );
    }

    /** @return array<string, mixed> */
    private static function repair(): array
    {
        return self::track(
            'repair',
            'Repair',
            false,
            ['collected' => 'Collected', 'declined' => 'Declined', 'lost' => 'Beyond repair'],
            [
                self::stage('checked-in', 'Checked in', 'PT8H'),
                self::stage('diagnosis', 'Diagnosis', 'PT24H', [self::filled('case.estimate')]),
                self::stage('approval', 'Approval', 'PT40H', [
                    ['kind' => 'approval_given', 'approval' => 'Estimate', 'only' => self::LARGE],
                ]),
                self::stage('on-the-bench', 'On the bench', 'PT80H', [self::NEEDED]),
                self::stage('quality-check', 'Quality check', 'PT16H', [self::NEEDED], 'quality-check'),
                self::stage('ready', 'Ready', 'PT40H', [self::filled('case.collected_by')]),
                self::stage('collected', 'Collected'),
            ],
        );
    }

    /** @return array<string, mixed> */
    private static function tuning(): array
    {
        return self::track(
            'tuning',
            'Tuning contract',
            true,
            ['renewed' => 'Renewed', 'ended' => 'Ended'],
            [
                self::stage('agreed', 'Agreed', 'PT40H', [self::filled('case.terms_signed')]),
                self::stage('active', 'Active'),
                self::stage('renewal', 'Renewal', 'PT80H'),
            ],
        );
    }

    /**
     * @param array<string, string>      $outcomes label by key
     * @param list<array<string, mixed>> $stages
     *
     * @return array<string, mixed>
     */
    private static function track(string $id, string $name, bool $takes, array $outcomes, array $stages): array
    {
        return [
            'openbaton' => TrackFormat::VERSION,
            'id' => $id,
            'name' => $name,
            'owner_takes_tasks' => $takes,
            'stages' => $stages,
            'outcomes' => array_map(
                static fn(string $key, string $label): array => ['key' => $key, 'label' => $label],
                array_keys($outcomes),
                array_values($outcomes),
            ),
        ];
    }

    /**
     * @param list<array<string, mixed>> $leave
     *
     * @return array<string, mixed>
     */
    private static function stage(
        string $key,
        string $name,
        ?string $target = null,
        array $leave = [],
        ?string $guide = null,
    ): array {
        return array_filter(
            ['key' => $key, 'name' => $name, 'leave' => $leave, 'target' => $target, 'guide' => $guide],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /** @return array<string, mixed> */
    private static function filled(string $field): array
    {
        return ['kind' => 'field_filled', 'field' => $field];
    }
}
