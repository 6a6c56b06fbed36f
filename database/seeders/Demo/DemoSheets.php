<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** The runsheets of Alder & Quill. */
final class DemoSheets
{
    /** @return list<array<string, mixed>> documents */
    public static function all(): array
    {
        return [self::largeRepair(), self::return(), self::newHire(), self::newcomer()];
    }

    /** @return array<string, mixed> */
    private static function largeRepair(): array
    {
        $diagnosis = self::task('diagnosis', 'Diagnosis', 'diagnosis', [
            'give' => DemoRule::give(DemoRule::team('workshop') + ['with_sub_teams' => true], [
                'kind' => 'lightest_load',
            ]),
            'due' => ['kind' => 'after_opening', 'span' => 'P1D'],
        ]);
        $approval = self::step('estimate', 'Estimate', [
            'kind' => 'approval',
            'people' => ['kind' => 'people', 'people' => ['tobias-lindqvist', 'greta-solheim']],
            'way' => 'one_of',
            'within' => 'P3D',
            'no' => 'back',
            'back_to' => 'diagnosis',
        ]);
        $photographs = self::task('photographs', 'Photographs for the insurer', 'insurer-claim', [
            'estimate' => 'PT20M',
        ]);

        return self::sheet('large-repair', 'Large repair', 'task', [
            [
                'key' => 'before',
                'side_by_side' => [
                    $diagnosis,
                    $approval,
                    $photographs + [
                        'if' => ['all' => [['field' => 'task.tags', 'op' => 'matches_any', 'value' => ['insured']]]],
                    ],
                ],
            ],
            self::task('bench', 'Bench', 'bench-repair', ['due' => ['kind' => 'after_opening', 'span' => 'P3D']]),
            self::step('dries', 'Lacquer dries', ['kind' => 'wait_for', 'span' => 'PT4H']),
            self::task('check', 'Check', 'quality-check', [
                'give' => DemoRule::give(DemoRule::team('quality'), [
                    'kind' => 'round_robin',
                    'rotation' => 'Large repairs',
                    'keep_missed' => 0,
                ]),
                'due' => ['kind' => 'after_step', 'step' => 'bench', 'span' => 'P2D'],
            ]),
        ]);
    }

    /** @return array<string, mixed> */
    private static function return(): array
    {
        return self::sheet('return', 'Return', 'task', [
            self::task('inspection', 'Inspection', 'return-inspection', ['estimate' => 'PT30M']),
            [
                'key' => 'then',
                'side_by_side' => [
                    self::task('invoice', 'Invoice', 'invoice', ['estimate' => 'PT20M']),
                    ['needed' => false] +
                    self::task('thanks', 'Thanks to the school', 'call-back', ['estimate' => 'PT10M']),
                ],
            ],
        ]);
    }

    /** @return array<string, mixed> */
    private static function newHire(): array
    {
        return self::sheet('new-hire', 'New hire of an ensemble', 'case', [
            self::step('go_ahead', 'Go-ahead', [
                'kind' => 'approval',
                'people' => ['kind' => 'people', 'people' => ['hanneke-de-wit']],
                'no' => 'end',
            ]),
            self::task('fitting', 'Fitting of the players', 'fitting', ['estimate' => 'PT2H'], '~case.title~'),
            [
                'key' => 'ready',
                'side_by_side' => [
                    self::task('cases', 'Cases and labels', 'stock-count', ['estimate' => 'PT1H'], '~case.title~'),
                    self::task('papers', 'Papers', 'invoice', ['estimate' => 'PT40M'], '~case.title~'),
                ],
            ],
            self::step('mark', 'Marked as handed over', [
                'kind' => 'act',
                'act' => ['kind' => 'tag', 'tag' => 'handed over', 'of' => 'case'],
            ]),
        ]);
    }

    /** @return array<string, mixed> */
    private static function newcomer(): array
    {
        return self::sheet('newcomer-on-the-bench', 'Newcomer on the bench', 'house', [
            self::plain('tour', 'Tour of the workshop', 'stock-count'),
            [
                'key' => 'learn',
                'first' => 2,
                'side_by_side' => [
                    self::plain('brass', 'A week with the brass bench', 'stock-count'),
                    self::plain('woodwind', 'A week with the woodwind bench', 'stock-count'),
                    self::plain('strings', 'A week with the strings bench', 'stock-count'),
                ],
            ],
            self::plain('talk', 'Talk about where to stay', 'call-back'),
        ]);
    }

    /**
     * @param list<array<string, mixed>> $blocks
     *
     * @return array<string, mixed>
     */
    private static function sheet(string $id, string $name, string $about, array $blocks): array
    {
        return [
            'openbaton' => 'runsheet/1',
            'id' => $id,
            'name' => $name,
            'about' => $about,
            'does' => ['key' => 'all', 'one_after_another' => $blocks],
        ];
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function task(
        string $key,
        string $name,
        string $kind,
        array $more = [],
        string $of = '~task.title~',
    ): array {
        return self::step($key, $name, $more + ['kind' => 'task', 'task_kind' => $kind, 'title' => "{$name}: {$of}"]);
    }

    /** @return array<string, mixed> of nothing, given to whoever leads the workshop */
    private static function plain(string $key, string $name, string $kind): array
    {
        return self::step($key, $name, [
            'kind' => 'task',
            'task_kind' => $kind,
            'title' => $name,
            'estimate' => 'PT2H',
            'give' => DemoRule::give(['kind' => 'people', 'people' => ['greta-solheim']], ['kind' => 'in_order']),
        ]);
    }

    /**
     * @param array<string, mixed> $does
     *
     * @return array<string, mixed>
     */
    private static function step(string $key, string $name, array $does): array
    {
        return ['key' => $key, 'name' => $name, 'does' => $does];
    }
}
