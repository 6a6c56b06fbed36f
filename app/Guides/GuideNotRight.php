<?php

declare(strict_types=1);

namespace App\Guides;

use App\Intake\TakeInTask;
use App\Models\Access\User;
use App\Models\Guides\Guide;
use App\Models\House\House;
use App\Models\Tasks\TaskKind;
use App\Models\Tasks\TaskSource;
use App\Refusals\GuideMovedOn;
use App\Words\Words;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;

/** What somebody found not to be right in a guide becomes a task of whoever wrote it. */
final readonly class GuideNotRight
{
    public function __construct(private TakeInTask $takeIn, private Words $words) {}

    /**
     * @param TaskKind|null $at the kind of the task at which it was found
     *
     * @return int the number of the task
     *
     * @throws GuideMovedOn where nobody could put it right, or there is no kind of task for it
     */
    public function __invoke(Guide $guide, string $what, ?TaskKind $at, User $by): int
    {
        $kind = House::query()->with('guideKind')->first()->guideKind ?? $at;
        $author = $guide->author?->person;
        $kind !== null || throw GuideMovedOn::withoutKind();
        $author !== null || throw GuideMovedOn::withoutAuthor($guide);
        $name = mb_strimwidth($guide->name, 0, TextLimits::NAME - 40, '…');

        return ($this->takeIn)(
            Node::root([
                'kind' => $kind->slug,
                'title' => $this->words->say('guides.task', ['name' => $name]),
                'description' => "{$what}\n\n" . url("/guides?guide={$guide->slug}"),
            ]),
            TaskSource::ByHand,
            $by,
            null,
            $by->person?->slug,
            $author->slug,
        )->task->number;
    }
}
