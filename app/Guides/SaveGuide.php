<?php

declare(strict_types=1);

namespace App\Guides;

use App\Access\Actor;
use App\Access\Audit;
use App\Database\Slug;
use App\Models\Access\User;
use App\Models\Guides\Guide;
use App\Models\Guides\GuideAbout;
use App\Models\Guides\GuideLink;
use App\Models\Guides\GuidePicture;
use App\Refusals\GuideMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Writes a guide, or changes one: what it said before stays among its versions. */
final class SaveGuide
{
    /**
     * @param int $seen version that the writer began from; 0: it is new
     *
     * @throws GuideMovedOn where it has changed since
     */
    public function __invoke(?Guide $guide, int $seen, GuideDraft $draft, User $by): Guide
    {
        return DB::transaction(static function () use ($guide, $seen, $draft, $by): Guide {
            $row = $guide === null ? null : Guide::query()->lockForUpdate()->findOrFail($guide->id);
            if ($row !== null && ($row->version !== $seen || $row->isRetired())) {
                throw GuideMovedOn::since($row);
            }
            $row ??= self::begun($draft->name);
            $says = $guide === null || $draft->text !== $row->text() || $draft->name !== $row->name;
            if ($says) {
                self::say($row, $draft, $by);
            }
            $linked = self::link($row, $draft->links);
            if ($says || $linked) {
                Audit::record(
                    Actor::user($by),
                    'house',
                    $guide === null ? 'guide_written' : 'guide_changed',
                    'wrote a guide',
                    $row,
                );
            }

            return $row;
        }, attempts: 3);
    }

    private static function begun(string $name): Guide
    {
        return new Guide(['slug' => Slug::free($name, new Guide()), 'version' => 0]);
    }

    private static function say(Guide $row, GuideDraft $draft, User $by): void
    {
        $now = CarbonImmutable::now();
        $row->fill([
            'name' => $draft->name,
            'version' => $row->version + 1,
            'author_id' => $by->id,
            'changed_at' => $now,
        ])->save();
        $row->versions()->create([
            'number' => $row->version,
            'name' => $draft->name,
            'text' => $draft->text,
            'user_id' => $by->id,
            'at' => $now,
        ]);
        GuidePicture::keepThoseOf($draft->text);
    }

    /**
     * @param list<array{about: GuideAbout, target: string}> $links
     *
     * @return bool whether they are others than before
     */
    private static function link(Guide $row, array $links): bool
    {
        $had = $row->links()->get();
        $key = static fn(GuideAbout $about, string $target): string => "{$about->value} {$target}";
        $wanted = array_column(
            array_map(static fn(array $one): array => [...$one, 'key' => $key($one['about'], $one['target'])], $links),
            null,
            'key',
        );
        $known = $had->keyBy(static fn(GuideLink $one): string => $key($one->about, $one->target));
        $gone = $known->diffKeys($wanted);
        $new = array_diff_key($wanted, $known->all());
        $gone->each(static fn(GuideLink $one): ?bool => $one->delete());
        foreach ($new as $one) {
            $row->links()->create(['about' => $one['about'], 'target' => $one['target']]);
        }

        return $gone->isNotEmpty() || $new !== [];
    }
}
