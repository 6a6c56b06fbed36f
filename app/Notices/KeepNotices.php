<?php

declare(strict_types=1);

namespace App\Notices;

use App\Database\Id;
use App\DomainEvents\About;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Events\NewsChoice;
use App\Models\Events\NewsSort;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;

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
        // Somebody, the task or the case may be gone by now.
        $ids = array_values(array_unique(array_map(static fn(NewNotice $one): string => $one->personId, $told)));
        $people = Person::query()
            ->findMany($ids, ['id'])
            ->keyBy('id');
        $tasks = self::there(
            Task::query(),
            array_map(static fn(NewNotice $one): ?string => $one->about->taskId, $told),
        );
        $cases = self::there(
            CustomerCase::query(),
            array_map(static fn(NewNotice $one): ?string => $one->about->caseId, $told),
        );
        $customers = self::there(
            Customer::query(),
            array_map(static fn(NewNotice $one): ?string => $one->about->customerId, $told),
        );
        $choices = NewsChoice::query()->findMany($ids)->keyBy('person_id');
        $house = House::query()->first();
        $before = self::before($told);
        $rows = $changed = [];
        foreach (self::weightiest($told) as $key => $one) {
            if (
                !$people->has($one->personId) ||
                !isset($tasks[(string) $one->about->taskId], $cases[(string) $one->about->caseId]) ||
                !isset($customers[(string) $one->about->customerId])
            ) {
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
     * @param Builder<covariant Model> $query
     * @param list<string|null>        $ids
     *
     * @return array<array-key, true> by the id of each that is there; what is about none has the empty one
     */
    private static function there(Builder $query, array $ids): array
    {
        $ids = array_values(array_unique(array_filter($ids)));

        return ['' => true] + ($ids === [] ? [] : array_fill_keys(self::idsOf($query->whereKey($ids)), true));
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
            $key = $one->chain === null ? $place : self::key($one->chain, $one->personId, $one->about);
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
            static fn(Notice $one): string => self::key(
                (string) $one->chain,
                $one->person_id,
                new About($one->task_id, $one->case_id, $one->customer_id),
            ),
        );
    }

    /**
     * @param Builder<covariant Model> $query
     *
     * @return list<string>
     */
    private static function idsOf(Builder $query): array
    {
        return array_values(array_filter($query->pluck('id')->all(), is_string(...)));
    }

    private static function key(string $chain, string $personId, About $about): string
    {
        return "{$chain} {$personId} {$about->taskId} {$about->caseId} {$about->customerId}";
    }
}
