<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Notices\NoticeText;
use Illuminate\Database\Eloquent\Builder;

/** What somebody should know of because it was not their own doing. Its type is NoticeLine.ts. */
final class NoticeLine
{
    private const MOST = 200;

    /** @return list<array<string, mixed>> the latest first, of those that were not put away */
    public static function unseenBy(Person $person, Viewer $viewer): array
    {
        return self::lines(self::unseen($person), $viewer, self::MOST);
    }

    public static function countUnseenBy(Person $person): int
    {
        return self::unseen($person)->count();
    }

    /** @return Builder<Notice> without that something came to them once it is no longer theirs */
    private static function unseen(Person $person): Builder
    {
        return Notice::query()->unseen()->where('person_id', $person->id)->where(
            static fn(Builder $some): Builder => $some
                ->where('kind', '<>', NoticeKind::Routed)
                ->orWhereIn('task_id', Task::query()->open()->heldBy($person->id)->select('id'))
                ->orWhereIn('case_id', CustomerCase::query()->open()->where('owner_id', $person->id)->select('id'))
                ->orWhereIn('customer_id', Customer::query()->where('owner_id', $person->id)->select('id')),
        );
    }

    /**
     * @param Builder<Notice> $query
     * @param bool            $byId  in the order in which they were handed out
     *
     * @return list<array<string, mixed>> the latest first
     */
    public static function lines(Builder $query, Viewer $viewer, int $most, bool $byId = false): array
    {
        if (!$byId) {
            $query->orderByDesc('at');
        }

        return array_values(
            $query
                ->with(['task:id,number,title', 'case:id,number,title', 'customer:id,slug,name', 'other'])
                ->orderByDesc('id')
                ->limit($most)
                ->get()
                ->map(
                    static fn(Notice $notice): array => [
                        'id' => $notice->id,
                        'at' => Moment::of($notice->at),
                        'said' => NoticeText::of($notice, $viewer->words()->words),
                        'read' => $notice->seen_at !== null,
                        'taskId' => $notice->task_id,
                        'caseId' => $notice->case_id,
                        'number' => ($notice->task ?? $notice->case)?->number,
                        'title' => ($notice->task ?? $notice->case)->title ?? $notice->customer?->name,
                    ],
                )
                ->all(),
        );
    }
}
