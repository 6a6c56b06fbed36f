<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Events\NewsChoice;
use App\Models\Events\NewsSort;
use App\Models\House\House;
use App\Models\People\Person;
use Carbon\CarbonImmutable;

/** Who may be owed a summary of their morning, and that each gets it once a day. */
final class SummaryPeople
{
    /** After one they have none for so long, whatever their zone. */
    private const HOURS = 6;

    /**
     * @param list<string> $known people who are looked at anyway
     *
     * @return list<string> ids of others
     */
    public function besides(array $known, ?House $row, CarbonImmutable $now): array
    {
        $obliged = $this->wanted($row?->obligatory_news);
        $candidates = NewsChoice::query()
            ->where('summed_at', '<', $now->subHours(self::HOURS))
            ->get(['person_id', 'channels']);
        if ($obliged) {
            $this->begin($now);
        }

        return array_values(
            array_diff(
                $candidates
                    ->filter(fn(NewsChoice $one): bool => $obliged || $this->wanted($one->channels))
                    ->map(static fn(NewsChoice $one): string => $one->person_id)
                    ->all(),
                $known,
            ),
        );
    }

    /** Within the transaction that sends it: whether nobody has meanwhile. */
    public function takes(Listener $listener, CarbonImmutable $now): bool
    {
        $row = NewsChoice::query()->lockForUpdate()->find($listener->person->id);
        if ($row === null || $row->summed_at?->getTimestamp() !== $listener->summedAt?->getTimestamp()) {
            return false;
        }
        $row->update(['summed_at' => $now]);

        return true;
    }

    /** Where the house wants it of all, it begins on the next day for those who have never had one. */
    private function begin(CarbonImmutable $now): void
    {
        NewsChoice::query()
            ->whereNull('summed_at')
            ->update(['summed_at' => $now]);
        $new = Person::query()
            ->whereNotIn('id', NewsChoice::query()->select('person_id'))
            ->pluck('id')
            ->map(static fn(mixed $id): array => ['person_id' => $id, 'channels' => '{}', 'summed_at' => $now])
            ->all();
        if ($new !== []) {
            NewsChoice::query()->insertOrIgnore($new);
        }
    }

    private function wanted(mixed $channels): bool
    {
        return (NewsChannels::read($channels)[NewsSort::Summary->value] ?? []) !== [];
    }
}
