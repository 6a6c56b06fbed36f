<?php

declare(strict_types=1);

namespace App\Http\Pages\Foresight;

use App\Foresight\WorkOutForesight;
use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Foresight\Forecast;
use App\Models\People\Skill;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;

/** What the days ahead bring, by house, team and skill. Its type is ForesightPage.ts. */
final readonly class ForesightPage
{
    public function __construct(private Viewer $viewer) {}

    /**
     * @param string $about "house", "team:…" or "skill:…"
     *
     * @return array<string, mixed>
     */
    public function props(string $about): array
    {
        $rows = Forecast::query()->get();
        $oldest = $rows->min('at');
        $at = $oldest instanceof CarbonImmutable ? $oldest : null;
        WorkOutForesight::seen($at);
        $shown = $rows->firstWhere('about', $about) ?? $rows->firstWhere('about', Forecast::HOUSE);

        return [
            'groups' => fn(): array => $this->groups($rows),
            'shown' => fn(): ?array => $shown === null
                ? null
                : ['about' => $shown->about, 'days' => $shown->days, 'help' => $this->help($shown)],
            'at' => static fn(): ?string => Moment::orNull($at),
        ];
    }

    /**
     * @param Collection<int, Forecast> $rows
     *
     * @return list<array<string, mixed>> the house, its teams as they stand, then skills
     */
    private function groups(Collection $rows): array
    {
        $teams = $this->viewer->snapshot()->roster->teams;
        $skills = Skill::query()
            ->orderBy('name')
            ->get(['slug', 'name'])
            ->keyBy('slug');
        $order = [
            Forecast::HOUSE,
            ...array_map(static fn(int|string $slug): string => "team:{$slug}", array_keys($teams)),
            ...$skills->keys()->map(static fn(int|string $slug): string => "skill:{$slug}")->all(),
        ];
        $known = $rows->keyBy('about');
        $groups = [];
        foreach ($order as $about) {
            $row = $known->get($about);
            if ($row === null) {
                continue;
            }
            [$kind, $slug] = [...explode(':', $about, 2), ''];
            $groups[] = [
                'about' => $about,
                'kind' => $kind,
                'name' => match ($kind) {
                    'team' => $teams[$slug]->name,
                    'skill' => (string) $skills->get($slug)?->name,
                    default => $this->viewer->words()->words->say('floor.everybody'),
                },
                'tips' => self::first($row, 'backlog'),
                'may' => self::first($row, 'may'),
                'worst' => max([0, ...array_filter(array_column($row->days, 'backlog'), is_int(...))]),
                'backlogs' => array_column($row->days, 'backlog'),
            ];
        }

        return $groups;
    }

    /** The first day on which there is any of something. */
    private static function first(Forecast $row, string $of): ?string
    {
        foreach ($row->days as $day) {
            if (($day[$of] ?? 0) > 0) {
                return is_string($day['date'] ?? null) ? $day['date'] : null;
            }
        }

        return null;
    }

    /** @return array<string, mixed>|null */
    private function help(Forecast $row): ?array
    {
        if (!isset($row->help['minutes'])) {
            return null;
        }
        $absences = [];
        foreach (is_array($row->help['absences'] ?? null) ? $row->help['absences'] : [] as $one) {
            if (is_array($one) && is_string($one['person'] ?? null)) {
                $absences[] = [
                    ...$this->viewer->words()->named($one['person']),
                    'asked' => ($one['asked'] ?? false) === true,
                    'minutes' => $one['minutes'] ?? 0,
                ];
            }
        }

        return ['minutes' => $row->help['minutes'], 'absences' => $absences];
    }
}
