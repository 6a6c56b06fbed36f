<?php

declare(strict_types=1);

namespace App\Alerts;

use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\DomainEvents\About;
use App\Models\Alerts\Alert;
use App\Models\Alerts\RaisedAlert;
use App\Models\Events\ClockMark;
use App\Models\Events\NoticeKind;
use App\Models\People\Person;
use App\Notices\KeepNotices;
use App\Notices\NewNotice;
use Carbon\CarbonImmutable;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Alert\AlertKind;
use OpenBaton\Core\Alert\Condition;
use OpenBaton\Core\Alert\Watch;

/**
 * Looks every few minutes, in the background, for what leads are to be alerted to, and tells those whom each alert
 * names, once.
 */
final class WatchHouse implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    private const MARK = 'alerts';
    private const MINUTES = 5;

    public int $tries = 1;

    /** Whether it is time to look again; whoever asks first has it. */
    public static function isDue(CarbonImmutable $now): bool
    {
        return ClockMark::isOver(self::MARK, self::MINUTES, $now);
    }

    public function handle(Houses $houses): void
    {
        $alerts = Alert::ofHouse();
        $house = $houses->now();
        $now = CarbonImmutable::now();
        foreach (Conditions::of($alerts, $house, $now) as $kind => $conditions) {
            DB::transaction(
                static fn() => self::look($alerts[$kind], AlertKind::from($kind), $conditions, $house, $now),
                attempts: 3,
            );
        }
    }

    /** @param list<Condition> $conditions that hold now */
    private static function look(
        Alert $alert,
        AlertKind $kind,
        array $conditions,
        HouseAt $house,
        CarbonImmutable $now,
    ): void {
        // Two workers that look at once tell of each thing once.
        ClockMark::query()->lockForUpdate()->find(self::MARK);
        $known = RaisedAlert::query()->where('kind', $kind)->lockForUpdate()->get();
        $watch = Watch::look(
            $known
                ->mapWithKeys(static fn(RaisedAlert $one): array => [$one->about => $one->held_at->getTimestamp()])
                ->all(),
            array_map(static fn(Condition $one): string => $one->about, $conditions),
            $now->getTimestamp(),
        );
        RaisedAlert::query()->where('kind', $kind)->whereIn('about', $watch->over)->delete();
        foreach (array_chunk($watch->holds, 500) as $some) {
            RaisedAlert::query()
                ->where('kind', $kind)
                ->whereIn('about', $some)
                ->update(['held_at' => $now]);
        }
        $new = array_flip($watch->raised);
        $raised = array_values(array_filter($conditions, static fn(Condition $one): bool => isset($new[$one->about])));
        foreach (array_chunk($raised, 500) as $some) {
            RaisedAlert::query()->insert(
                array_map(
                    static fn(Condition $one): array => [
                        'kind' => $kind->value,
                        'about' => $one->about,
                        'since' => $now,
                        'held_at' => $now,
                    ],
                    $some,
                ),
            );
        }
        self::tell($alert, AlertWords::of($kind, $raised, $house->snapshot), $now);
    }

    /** @param list<SaidAlert> $said */
    private static function tell(Alert $alert, array $said, CarbonImmutable $now): void
    {
        $told = [];
        foreach ($said === [] ? [] : self::leads($alert) as $person) {
            foreach ($said as $one) {
                $told[] = new NewNotice(
                    $now,
                    $person->id,
                    NoticeKind::Alert,
                    new About($one->taskId),
                    text: $one->text,
                    link: $one->link,
                    channels: $alert->by(),
                );
            }
        }
        KeepNotices::keep($told);
    }

    /** @return Collection<int, Person> whom it tells, of those who lead */
    private static function leads(Alert $alert): Collection
    {
        $named = $alert->peopleIds();

        return Person::leads()->filter(
            static fn(Person $one): bool => $named === [] || in_array($one->id, $named, true),
        );
    }
}
