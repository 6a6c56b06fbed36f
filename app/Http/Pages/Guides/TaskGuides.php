<?php

declare(strict_types=1);

namespace App\Http\Pages\Guides;

use App\Guides\GuidesOfTask;
use App\Guides\GuideText;
use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Guides\Guide;
use App\Models\Guides\GuideRead;
use App\Models\Tasks\Task;

/** The guides that stand beside a task or a case, as they are now. Their type is in GuidesPage.ts. */
final readonly class TaskGuides
{
    public function __construct(
        private Viewer $viewer,
        private GuidesOfTask $guides,
        private GuideText $texts,
        private GuideAbouts $abouts,
    ) {}

    /** @return list<array<string, mixed>> */
    public function of(Task $task): array
    {
        return $this->lines(($this->guides)($task));
    }

    /**
     * @param string|null $slug of the guide of the stage of a case
     *
     * @return list<array<string, mixed>> none where there is none, or it is retired
     */
    public function named(?string $slug): array
    {
        return $slug === null ? [] : $this->lines($this->guides->named($slug));
    }

    /**
     * @param list<Guide> $guides
     *
     * @return list<array<string, mixed>>
     */
    private function lines(array $guides): array
    {
        $read = GuideRead::query()
            ->where('user_id', $this->viewer->user()->id)
            ->whereIn('guide_id', array_column($guides, 'id'))
            ->pluck('version', 'guide_id')
            ->all();

        return array_map(
            fn(Guide $one): array => [
                'id' => $one->id,
                'slug' => $one->slug,
                'name' => $one->name,
                'html' => $this->texts->html($one->text()),
                'author' => $one->author?->name,
                'changedAt' => Moment::of($one->changed_at),
                'links' => $this->abouts->of($one),
                'readByMe' =>
                    ($read[$one->id] ?? null) === $one->version || $one->author_id === $this->viewer->user()->id,
            ],
            $guides,
        );
    }
}
