<?php

declare(strict_types=1);

namespace App\Http\Pages\Guides;

use App\Guides\GuideText;
use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Guides\Guide;
use App\Models\Guides\GuideRead;
use App\Models\Guides\GuideVersion;
use App\Models\House\House;
use App\Models\People\Person;
use Illuminate\Database\Eloquent\Builder;

/** The guides of the house, with one of them open. Its type is GuidesPage.ts. */
final readonly class GuidesPage
{
    private const MOST = 500;
    private const VERSIONS = 20;

    public function __construct(private Viewer $viewer, private GuideText $texts, private GuideAbouts $abouts) {}

    /** @return array<string, mixed> */
    public function props(?Guide $open): array
    {
        $people = Person::query()->whereNotNull('user_id')->count();
        $writes = $this->viewer->user()->can('write', Guide::class);

        return [
            'guides' => array_values(
                $this->listed($writes)->get()->map(fn(Guide $one): array => $this->line($one, $people))->all(),
            ),
            'guide' => $open === null ? null : $this->whole($open, $people),
            'mayWrite' => $writes,
            'choices' => $writes ? $this->abouts->choices() : null,
            'guideKind' => House::query()->with('guideKind')->first()?->guideKind?->slug,
        ];
    }

    /** @return Builder<Guide> */
    private function listed(bool $writes): Builder
    {
        $guides = Guide::query()
            ->with(['links', 'author.person'])
            ->withCount([
                'reads as read_now' => static fn(Builder $reads): Builder => $reads
                    ->whereColumn('guide_reads.version', 'guides.version')
                    ->whereHas('user.person'),
                'reads as read_by_me' => fn(Builder $reads): Builder => $reads
                    ->whereColumn('guide_reads.version', 'guides.version')
                    ->where('user_id', $this->viewer->user()->id),
            ])
            ->orderBy('name')
            ->limit(self::MOST);
        if (!$writes) {
            $guides->inUse();
        }

        return $guides;
    }

    /** @return array<string, mixed> */
    private function line(Guide $guide, int $people): array
    {
        return [
            'slug' => $guide->slug,
            'name' => $guide->name,
            'version' => $guide->version,
            'changedAt' => Moment::of($guide->changed_at),
            'author' => $guide->author?->name,
            'retired' => $guide->isRetired(),
            'links' => $this->abouts->of($guide),
            'readNow' => $guide->read_now,
            'people' => self::others($guide, $people),
            'readByMe' => $guide->read_by_me > 0 || $guide->author_id === $this->viewer->user()->id,
        ];
    }

    /** @return int people who could look at it; whoever wrote it knows it without looking */
    private static function others(Guide $guide, int $people): int
    {
        return $people - ($guide->author?->person === null ? 0 : 1);
    }

    /** @return array<string, mixed> */
    private function whole(Guide $guide, int $people): array
    {
        $versions = $guide->versions()->with('user')->orderByDesc('number')->limit(self::VERSIONS)->get();

        return [
            'id' => $guide->id,
            'slug' => $guide->slug,
            'name' => $guide->name,
            'text' => $guide->text(),
            'html' => $this->texts->html($guide->text()),
            'version' => $guide->version,
            'author' => $guide->author?->name,
            'changedAt' => Moment::of($guide->changed_at),
            'retired' => $guide->isRetired(),
            'people' => self::others($guide, $people),
            'links' => $this->abouts->of($guide),
            'versions' => array_values(
                $versions
                    ->map(
                        static fn(GuideVersion $one): array => [
                            'number' => $one->number,
                            'name' => $one->name,
                            'text' => $one->text,
                            'by' => $one->user?->name,
                            'at' => Moment::of($one->at),
                        ],
                    )
                    ->all(),
            ),
            'readers' => array_values(
                $guide
                    ->reads()
                    ->whereHas('user.person')
                    ->with('user')
                    ->orderByDesc('at')
                    ->limit(self::MOST)
                    ->get()
                    ->map(
                        static fn(GuideRead $one): array => [
                            'name' => (string) $one->user?->name,
                            'version' => $one->version,
                            'at' => Moment::of($one->at),
                        ],
                    )
                    ->all(),
            ),
        ];
    }
}
