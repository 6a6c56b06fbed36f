<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Tasks\Task;
use App\Models\Tasks\Timer;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Timer\Occurrence;
use OpenBaton\Core\Timer\Timers;

/**
 * Keeps with every task and case when something next happens to it by itself, so that a
 * tick finds what is due by an index, however many rules there are.
 */
final class NextMoments
{
    /**
     * What has fallen due and is still to be done stays the next.
     *
     * @param CarbonImmutable|null $known as it was
     * @param int      $tickedAt instant: what fell due by then is past, unless it stands with the task already
     * @param int|null $from     instant before that, from which on nothing is past that has not been done
     */
    public static function of(
        Timers $timers,
        Subject $subject,
        ?CarbonImmutable $known,
        int $tickedAt,
        ?int $from = null,
    ): ?CarbonImmutable {
        $from = min($from ?? $tickedAt + 1, $known?->getTimestamp() ?? $tickedAt + 1);
        $missed = $from > $tickedAt ? [] : self::withoutRow($timers->due($subject, $from - 1, $tickedAt));
        $next = $missed === [] ? $timers->next($subject, $tickedAt) : $missed[0]->at;

        return $next === null ? null : CarbonImmutable::createFromTimestampUTC($next);
    }

    /**
     * Those that have neither happened nor been put down to be tried again.
     *
     * @param list<Occurrence> $occurrences
     *
     * @return list<Occurrence>
     */
    public static function withoutRow(array $occurrences): array
    {
        $known = [];
        foreach (array_chunk(array_column($occurrences, 'key'), 500) as $keys) {
            $known += Timer::query()->whereIn('key', $keys)->pluck('id', 'key')->all();
        }

        return array_values(array_filter($occurrences, static fn(Occurrence $one): bool => !isset($known[$one->key])));
    }
}
