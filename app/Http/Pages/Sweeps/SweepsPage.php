<?php

declare(strict_types=1);

namespace App\Http\Pages\Sweeps;

use App\Explain\SweepWords;
use App\Http\Pages\Moment;
use App\Http\Pages\Rules\Vocabulary;
use App\Http\Viewer;
use App\Models\Sweeps\NamedSweep;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweptState;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\ActsBeyond;
use OpenBaton\Core\Rulebook\KindRegistry;

/** Sweeps with a name, one of them closer, and the last that were carried out. Its type is SweepsPage.ts. */
final readonly class SweepsPage
{
    private const MOST = 200;

    private const RUNS = 30;

    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function props(string $asked): array
    {
        return [
            'sweeps' => fn(): array => $this->sweeps(),
            'sweep' => fn(): ?array => $this->closer($asked),
            'runs' => fn(): array => self::runs(),
            'vocabulary' => fn(): array => (new Vocabulary(KindRegistry::standard()))->of($this->viewer->snapshot()),
            'changing' => static fn(): array => self::changing(),
        ];
    }

    /** @return list<array<string, mixed>> by name */
    private function sweeps(): array
    {
        $words = new SweepWords($this->viewer->words());

        return array_values(
            NamedSweep::query()
                ->with('user:id,name')
                ->orderBy('name')
                ->limit(self::MOST)
                ->get()
                ->map(
                    static fn(NamedSweep $one): array => [
                        'id' => $one->id,
                        'name' => $one->name,
                        'said' => $words->say(Node::root($one->document)),
                        'by' => (string) $one->user?->name,
                        'savedAt' => Moment::of($one->saved_at),
                    ],
                )
                ->all(),
        );
    }

    /** @return array<string, mixed>|null */
    private function closer(string $asked): ?array
    {
        $sweep = $asked === '' ? null : NamedSweep::query()->find($asked);

        return $sweep === null
            ? null
            : [
                'id' => $sweep->id,
                'name' => $sweep->name,
                'document' => $sweep->document,
                'revision' => $sweep->revision,
            ];
    }

    /** @return list<array<string, mixed>> the latest first */
    private static function runs(): array
    {
        return array_values(
            SweepRun::query()
                ->with('user:id,name')
                ->withCount([
                    'tasks as carried' => static fn(Builder $tasks): Builder => $tasks->whereIn('state', [
                        SweptState::Carried,
                        SweptState::Undone,
                        SweptState::Partly,
                    ]),
                ])
                ->whereNotNull('carried_at')
                ->orderByDesc('carried_at')
                ->limit(self::RUNS)
                ->get()
                ->map(
                    static fn(SweepRun $one): array => SweepLine::of($one) + [
                        'carried' => $one->carried ?? 0,
                    ],
                )
                ->all(),
        );
    }

    /** @return list<string> kinds of follow-up that a sweep may have */
    private static function changing(): array
    {
        return array_keys(
            array_filter(
                KindRegistry::standard()->of(Family::FollowUp),
                static fn(string $class): bool => !is_a($class, ActsBeyond::class, true),
            ),
        );
    }
}
