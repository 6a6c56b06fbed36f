<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Models\Tasks\Task;

/** What the demo shows at the moment at which it begins. */
final readonly class DemoLatest
{
    public const UNPLACED = 5;

    private const WORKING_DAY = 480;

    /** Who has no room for the requests of the band, and does nothing about it until the demo begins. */
    private const FULL_BENCH = ['ayumi-kato', 'femi-adeyinka'];

    public function __construct(
        private DemoMoments $moments,
        private DemoHistory $history,
        private DemoRequests $requests,
    ) {}

    /**
     * What makes the house worth a look at whatever hour the demo begins: a full strings bench, late quotes, a brass
     * bench without room, what is sent back while somebody is away.
     */
    public function lay(): void
    {
        [$moments, $history, $requests] = [$this->moments, $this->history, $this->requests];
        $orchestra = $requests->customerNamed('Selwyn Youth Orchestra');
        for ($count = 0; $count < 16; ++$count) {
            $history->at(
                $moments->ago(5 * self::WORKING_DAY - 60 - 4 * $count),
                static fn() => $history->leave(
                    $requests->incoming(
                        'bench-repair',
                        'Cello of the orchestra, set-up before the concert',
                        $orchestra,
                        [
                            'task.family' => 'strings',
                            'task.instrument' => 'cello',
                            'task.value' => 900,
                        ],
                        300,
                    ),
                ),
            );
        }
        $band = $requests->customerNamed('Carrow Silver Band');
        foreach (['8 × cornet', '2 × tenor horn', '1 × sousaphone'] as $place => $wanted) {
            $history->at(
                $moments->ago(3 * self::WORKING_DAY + 50 * $place),
                static fn() => $history->leave(
                    $requests->incoming('quote', 'Hire of ' . $wanted, $band, ['task.language' => 'english']),
                ),
            );
        }
        $history->at($moments->ago(70), static function () use ($history, $requests, $band): void {
            $history->rest(...self::FULL_BENCH);
            // What else is unplaced by now finds a place by hand before the demo begins.
            $left = [];
            for (
                $count = 0;
                $count < 40 && Task::query()->unplaced()->whereKey($left)->count() < self::UNPLACED;
                ++$count
            ) {
                $instrument = $count % 2 === 0 ? 'cornet' : 'flugelhorn';
                $left[] = $history->leave(
                    $requests->incoming(
                        'bench-repair',
                        "Band {$instrument}, worn valve felts",
                        $band,
                        [
                            'task.family' => 'brass',
                            'task.instrument' => $instrument,
                            'task.value' => 320,
                        ],
                        60,
                    ),
                )->id;
            }
        });
        $history->at(
            $moments->ago(40),
            static fn() => $history->leave(
                $requests->incoming('rework', 'Trombone, slide still catches in third position', $band, [
                    'task.family' => 'brass',
                    'task.instrument' => 'trombone',
                    'task.value' => 540,
                    'task.repaired_by' => 'callum-rees',
                ]),
            ),
        );
        $history->at(
            $moments->ago(15),
            static fn() => $history->leave(
                $requests->incoming('quality-check', 'Cello, soundpost reset', $orchestra, [
                    'task.family' => 'strings',
                    'task.instrument' => 'cello',
                    'task.value' => 900,
                    'task.repaired_by' => 'jun-morita',
                ]),
            ),
        );
    }
}
