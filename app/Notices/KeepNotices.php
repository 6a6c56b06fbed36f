<?php

declare(strict_types=1);

namespace App\Notices;

use App\Database\Id;
use App\Models\Events\NewsChoice;
use App\Models\Events\NewsSort;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;

/**
 * Keeps what people are told, for them to read and to be told by other means. Of one change nobody is told two things:
 * the weightiest stands.
 */
final class KeepNotices
{
    /** @param list<NewNotice> $told in order */
    public static function keep(array $told): void
    {
        if ($told === []) {
            return;
        }
        // Somebody, or the task, may be gone by now.
        $ids = array_values(array_unique(array_map(static fn(NewNotice $one): string => $one->personId, $told)));
        $people = Person::query()
            ->findMany($ids, ['id'])
            ->keyBy('id');
        $tasks = Task::query()
            ->findMany(array_filter(array_map(static fn(NewNotice $one): ?string => $one->taskId, $told)), ['id'])
            ->keyBy('id');
        $choices = NewsChoice::query()->findMany($ids)->keyBy('person_id');
        $house = House::query()->first();
        $before = self::before($told);
        $rows = $changed = [];
        foreach (self::weightiest($told) as $key => $one) {
            if (!$people->has($one->personId) || ($one->taskId !== null && !$tasks->has($one->taskId))) {
                continue;
            }
            $channels = NewsChannels::of($choices->get($one->personId), $house);
            $waits = [
                'waits' => $one->channels !== [] || $channels->for(NewsSort::of($one->kind)) !== [],
            ];
            $known = $before->get((string) $key);
            if ($known === null) {
                $rows[] = ['id' => Id::next()] + $waits + $one->row();
            } elseif ($known->kind->weight() < $one->kind->weight()) {
                $changed[] = [$known, $waits + $one->said()];
            }
        }
        foreach (array_chunk($rows, 500) as $some) {
            Notice::query()->insert($some);
        }
        foreach ($changed as [$known, $values]) {
            Notice::query()->whereKey($known->id)->update($values);
        }
    }

    /**
     * @param list<NewNotice> $told
     *
     * @return array<array-key, NewNotice> by what is told once
     */
    private static function weightiest(array $told): array
    {
        $kept = [];
        foreach ($told as $place => $one) {
            $key = $one->chain === null ? $place : self::key($one->chain, $one->personId, $one->taskId);
            $other = $kept[$key] ?? null;
            if ($other?->kind === NoticeKind::Told && $one->kind === NoticeKind::Told) {
                $kept[$key] = $other->and($one);
            } elseif ($other === null || $other->kind->weight() < $one->kind->weight()) {
                $kept[$key] = $one;
            }
        }

        return $kept;
    }

    /**
     * What came of the same changes in an earlier piece of events.
     *
     * @param list<NewNotice> $told
     *
     * @return Collection<string, Notice>
     */
    private static function before(array $told): Collection
    {
        $chains = array_values(
            array_unique(array_filter(array_map(static fn(NewNotice $one): ?string => $one->chain, $told))),
        );
        $known = $chains === [] ? new Collection() : Notice::query()->whereIn('chain', $chains)->get();

        return $known->keyBy(
            static fn(Notice $one): string => self::key((string) $one->chain, $one->person_id, $one->task_id),
        );
    }

    private static function key(string $chain, string $personId, ?string $taskId): string
    {
        return "{$chain} {$personId} {$taskId}";
    }
}
