<?php

declare(strict_types=1);

namespace App\Guides;

use App\Models\Guides\Guide;
use App\Models\Guides\GuideAbout;
use App\Models\Guides\GuideLink;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\Relation;
use OpenBaton\Core\Subject\ChecklistItem;

/** The guides that are about what a task is, has and came here by. */
final class GuidesOfTask
{
    private const MOST = 20;

    /** Of the rules that have acted on it. */
    private const RULES = 20;

    /** @return list<Guide> with what they say and the "links" that fit it; that of its kind first */
    public function __invoke(Task $task): array
    {
        $targets = [
            GuideAbout::Kind->value => [(string) $task->kind?->slug],
            GuideAbout::Field->value => array_map(strval(...), array_keys($task->facts)),
            GuideAbout::Item->value => array_map(static fn(ChecklistItem $one): string => $one->text, $task->items()),
            GuideAbout::Rule->value => Decision::query()
                ->where('task_id', $task->id)
                ->whereNotNull('rule')
                ->distinct()
                ->limit(self::RULES)
                ->pluck('rule')
                ->all(),
        ];
        $fits = static function (Builder $any) use ($targets): void {
            foreach ($targets as $about => $wanted) {
                if ($wanted !== []) {
                    $any->orWhere(
                        static fn(Builder $one): Builder => $one->where('about', $about)->whereIn('target', $wanted),
                    );
                }
            }
        };
        $guides = Guide::query()
            ->inUse()
            ->whereHas('links', static fn(Builder $links): Builder => $links->where($fits))
            ->with(['says', 'author', 'links' => static fn(Relation $links): mixed => $links->where($fits)])
            ->orderBy('name')
            ->limit(self::MOST)
            ->get();

        return array_values(
            $guides
                ->sortBy(
                    static fn(Guide $one): int => $one->links->contains(
                        static fn(GuideLink $link): bool => $link->about === GuideAbout::Kind,
                    )
                        ? 0
                        : 1,
                )
                ->all(),
        );
    }

    /** @return list<Guide> the one of that slug, with what it says; none where it is retired */
    public function named(string $slug): array
    {
        return array_values(
            Guide::query()
                ->inUse()
                ->where('slug', $slug)
                ->with(['says', 'author', 'links'])
                ->get()
                ->all(),
        );
    }
}
