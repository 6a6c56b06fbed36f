<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Models\Cases\Track;
use App\Models\Duties\Duty;
use App\Models\Rollouts\Rollout;
use App\Models\Runsheets\Runsheet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** What brings work about, found by a part of its name. Its type is FoundWork.ts. */
final class FoundWork
{
    /** Of each, and of all. */
    private const MOST = 4;

    /** @return list<array{title: string, work: string, href: string}> */
    public static function named(string $part): array
    {
        $found = [
            ...self::of(
                Runsheet::query(),
                $part,
                'runsheet',
                static fn(Runsheet $one): string => "/runsheets/{$one->slug}/edit",
            ),
            ...self::of(Duty::query(), $part, 'duty', static fn(Duty $one): string => "/duties/{$one->slug}/edit"),
            ...self::of(Rollout::query(), $part, 'rollout', static fn(Rollout $one): string => "/rollouts/{$one->id}"),
            ...self::of(Track::query(), $part, 'track', static fn(Track $one): string => "/tracks/{$one->slug}/edit"),
        ];

        return array_slice($found, 0, self::MOST);
    }

    /**
     * @template T of Model
     *
     * @param Builder<T>          $all
     * @param callable(T): string $href
     *
     * @return list<array{title: string, work: string, href: string}>
     */
    private static function of(Builder $all, string $part, string $work, callable $href): array
    {
        $found = [];
        foreach (
            $all
                ->where('name', 'like', '%' . addcslashes($part, '%_\\') . '%')
                ->orderBy('name')
                ->orderByDesc('id')
                ->limit(self::MOST)
                ->get()
            as $one
        ) {
            $name = $one->getAttribute('name');
            $found[] = [
                'title' => is_string($name) ? $name : '',
                'work' => $work,
                'href' => $href($one),
            ];
        }

        return $found;
    }
}
