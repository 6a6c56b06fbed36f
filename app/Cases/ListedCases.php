<?php

declare(strict_types=1);

namespace App\Cases;

use App\Bridge\SnapshotSource;
use App\Database\SearchWords;
use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Cases\Track;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Time\WorkingTime;

/** The cases of a list, of those that somebody sees. */
final readonly class ListedCases
{
    /** Customers that are found by their words. */
    private const FOUND = 500;

    public function __construct(
        private CasesInSight $sight,
        private SnapshotSource $houses,
        private RecentMoves $moves,
    ) {}

    /** @return Builder<CustomerCase> without an order */
    public function of(CaseFilter $filter, User $user): Builder
    {
        $house = $this->houses->current();
        $cases = $this->sight->of($user, CustomerCase::query());
        match ($filter->get('state')) {
            CaseFilter::OPEN => $cases->open(),
            CaseFilter::CLOSED => $cases->whereNotNull('closed_at'),
            default => null,
        };
        if ($filter->get('track') !== '') {
            $cases->where('track_id', array_flip($house->trackSlugs)[$filter->get('track')] ?? null);
        }
        if ($filter->get('moved') !== '') {
            $this->moves->narrow($cases, $filter->get('track'), $filter->get('stage'), $filter->get('moved') === 'on');
        } elseif ($filter->get('stage') !== '') {
            $cases->where('stage', $filter->get('stage'));
        }
        if ($filter->get('owner') !== '') {
            $filter->get('owner') === CaseFilter::NOBODY
                ? $cases->whereNull('owner_id')
                : $cases->whereIn('owner_id', array_filter([$house->personIds[$filter->get('owner')] ?? null]));
        }
        if ($filter->get('customer') !== '') {
            $cases->whereIn('customer_id', Customer::query()->where('slug', $filter->get('customer'))->select('id'));
        }
        if ($filter->get('tag') !== '') {
            $cases->whereJsonContains('tags', $filter->get('tag'));
        }
        match ($filter->get('waits')) {
            'late' => $this->late($cases),
            'refused' => $cases->whereNotNull('refused'),
            default => null,
        };
        $this->named($cases, $filter->get('q'));

        return $cases;
    }

    /**
     * @param Builder<CustomerCase> $cases
     *
     * @return Builder<CustomerCase>
     */
    public function inOrder(Builder $cases, CaseFilter $filter): Builder
    {
        $down = $filter->get('down') === '1';
        $way = $down ? 'desc' : 'asc';
        match ($filter->get('sort')) {
            'title' => $cases->orderBy('title', $way),
            'stage' => $cases->orderBy('track_id', $way)->orderBy('stage', $way)->orderBy('stage_since', $way),
            'since' => $cases->orderBy('stage_since', $way),
            'opened' => $cases->orderBy('opened_at', $way),
            'customer' => $cases->orderBy(
                Customer::query()->select('name')->whereColumn('id', 'cases.customer_id'),
                $way,
            ),
            'owner' => $cases->orderBy(Person::query()->select('name')->whereColumn('id', 'cases.owner_id'), $way),
            default => null,
        };

        return $cases->orderBy('number', $way);
    }

    /**
     * Since when a case has to stand in a stage to be late there: the target is in working time.
     *
     * @return array<string, array<string, CarbonImmutable>> by id of the track and key of the stage
     */
    public function lateSince(): array
    {
        $house = $this->houses->current();
        $time = new WorkingTime($house->roster->house);
        $now = CarbonImmutable::now()->getTimestamp();
        $since = [];
        foreach ($house->trackSlugs as $id => $slug) {
            foreach ($house->tracks[$slug]->stages as $stage) {
                if ($stage->target !== null) {
                    $since[$id][$stage->key] = CarbonImmutable::createFromTimestampUTC(
                        self::before($time, $stage->target, $now),
                    );
                }
            }
        }

        return $since;
    }

    /** @return int the latest instant from which on so many minutes of working time have passed until now */
    private static function before(WorkingTime $time, int $minutes, int $now): int
    {
        $longest = $now - 400 * 86_400;
        // No more working time passes than time: the bounds are kept close, so that little has to be counted.
        [$late, $early] = [$now - $minutes * 60, $now - $minutes * 240 - 86_400];
        while ($early > $longest && $time->minutesBetween($early, $now) <= $minutes) {
            [$late, $early] = [$early, $now - 2 * ($now - $early)];
        }
        $early = max($early, $longest);
        while ($late - $early > 60) {
            $middle = intdiv($early + $late, 2);
            $time->minutesBetween($middle, $now) > $minutes ? ($early = $middle) : ($late = $middle);
        }

        return $early;
    }

    /** @param Builder<CustomerCase> $cases */
    public function late(Builder $cases): void
    {
        $cases->open()->where(function (Builder $any): void {
            $any->whereKey([]);
            foreach ($this->lateSince() as $track => $stages) {
                foreach ($stages as $stage => $since) {
                    $any->orWhere(
                        static fn(Builder $one): Builder => $one
                            ->where('track_id', $track)
                            ->where('stage', $stage)
                            ->where('stage_since', '<', $since),
                    );
                }
            }
        });
    }

    /** @param Builder<CustomerCase> $cases */
    private function named(Builder $cases, string $text): void
    {
        if ($text === '') {
            return;
        }
        $number = SearchWords::number($text);
        if ($number !== null) {
            $cases->where('number', $number);

            return;
        }
        $like = '%' . addcslashes($text, '%_\\') . '%';
        $customers = Customer::query()->where('name', 'like', $like)->limit(self::FOUND)->pluck('id');
        $cases->where(
            static fn(Builder $either): Builder => $either
                ->where('title', 'like', $like)
                ->orWhereIn('customer_id', $customers),
        );
    }
}
