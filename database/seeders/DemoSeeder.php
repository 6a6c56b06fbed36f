<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Access\Actor;
use App\Bridge\SnapshotSource;
use App\Cases\SaveTrack;
use App\DomainEvents\HandOut;
use App\Intake\TakeInTask;
use App\Models\Access\Role;
use App\Models\Access\User;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\People\ImportRoster;
use App\Rules\LockedDraft;
use App\Rules\PublishDraft;
use App\Rules\SaveDraft;
use App\Sweeps\SaveSweep;
use Carbon\CarbonImmutable;
use Database\Seeders\Demo\DemoCases;
use Database\Seeders\Demo\DemoDay;
use Database\Seeders\Demo\DemoDuties;
use Database\Seeders\Demo\DemoGuides;
use Database\Seeders\Demo\DemoHistory;
use Database\Seeders\Demo\DemoHouse;
use Database\Seeders\Demo\DemoLatest;
use Database\Seeders\Demo\DemoMessages;
use Database\Seeders\Demo\DemoMoments;
use Database\Seeders\Demo\DemoNotices;
use Database\Seeders\Demo\DemoPlaces;
use Database\Seeders\Demo\DemoRequests;
use Database\Seeders\Demo\DemoRollouts;
use Database\Seeders\Demo\DemoRules;
use Database\Seeders\Demo\DemoRunsheets;
use Database\Seeders\Demo\DemoSweeps;
use Database\Seeders\Demo\DemoTracks;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Hash;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Spatie\Permission\Models\Role as RoleRow;

/** Alder & Quill: the demo house, with ten weeks behind it. Two starts on one day give the same data. */
final class DemoSeeder extends Seeder
{
    public const PASSWORD = 'port-selwyn';

    private const REVIEWERS = ['greta-solheim', 'jun-morita'];

    private const REQUESTS_A_DAY = 27;

    private const CASES_A_WEEK = 12;

    /** So many working minutes before the demo begins the last of the usual requests comes in. */
    private const QUIET_MINUTES = 80;

    public function __construct(
        private readonly ImportRoster $importRoster,
        private readonly SaveDraft $saveDraft,
        private readonly PublishDraft $publishDraft,
        private readonly TakeInTask $takeIn,
        private readonly SnapshotSource $snapshots,
        private readonly HandOut $handOut,
        private readonly SaveSweep $saveSweep,
        private readonly DemoMessages $messages,
        private readonly DemoGuides $guides,
        private readonly DemoDay $day,
        private readonly SaveTrack $saveTrack,
        private readonly DemoCases $cases,
        private readonly DemoDuties $duties,
        private readonly DemoRunsheets $runsheets,
        private readonly DemoRollouts $rollouts,
    ) {}

    public function run(int $weeks = 10, int $requestsADay = self::REQUESTS_A_DAY): void
    {
        mt_srand(8217);
        $random = new Randomizer(new Mt19937(8217));
        $now = CarbonImmutable::now('Europe/Dublin');
        $today = $now->startOfDay();

        (new DemoHouse($this->importRoster))->found($today);
        $moments = new DemoMoments($this->snapshots->current()->roster->house, $now->getTimestamp());
        $lead = $this->signIns();
        (new DemoPlaces($random))->lay();
        (new DemoPlaces($random))->hires($today);
        DemoHouse::covers($today);
        $this->touchRoster();
        $this->guides->write($lead, $today->subWeeks($weeks)->setTime(11, 20), $today->subDays(3)->setTime(16, 5));
        DemoTracks::lay($this->saveTrack, $lead, $today->subWeeks($weeks)->subDays(9)->setTime(10, 40));

        $history = new DemoHistory($random, $this->takeIn, $this->snapshots, $lead);
        $requests = new DemoRequests($random);
        $begin = $today->startOfWeek()->subWeeks($weeks);
        foreach ([1 => 0, 2 => (int) ($weeks * 3.5), 3 => (int) ($weeks * 6.2)] as $version => $days) {
            $history->at($begin->addDays($days)->addHours(8)->getTimestamp(), fn() => $this->publish($version, $lead));
        }
        for ($day = $begin; $day <= $today; $day = $day->addDay()) {
            $this->day($day, $history, $requests, $random, $begin, $moments->ago(self::QUIET_MINUTES), $requestsADay);
        }
        $this->hires($begin, $history, $requests);
        $this->cases->plan(
            $history,
            $begin,
            $moments->ago(self::QUIET_MINUTES),
            intdiv($weeks * self::CASES_A_WEEK * $requestsADay, self::REQUESTS_A_DAY),
            $lead,
        );
        $this->duties->plan($history, $begin, $moments->ago(self::QUIET_MINUTES), $lead);
        $this->runsheets->plan($history, $begin, $moments->ago(self::QUIET_MINUTES), $lead);
        $this->rollouts->plan($history, $begin, $moments->ago(self::QUIET_MINUTES), $lead);
        (new DemoLatest($moments, $history, $requests))->lay();
        $history->runUntil($now->getTimestamp());
        (new DemoSweeps($this->saveSweep))->lay($lead);
        (new DemoNotices($this->handOut))->readUntil($moments->ago(DemoNotices::UNREAD_MINUTES));
        $this->messages->live($lead, $now);
        $this->day->arrange($lead, $now);
    }

    private function signIns(): User
    {
        foreach (Role::cases() as $role) {
            RoleRow::findOrCreate($role->value);
        }
        $password = Hash::make(self::PASSWORD);
        foreach (Person::query()->orderBy('position')->get() as $person) {
            $user = User::query()->create([
                'name' => $person->name,
                'email' => explode('-', $person->slug)[0] . '@alderquill.example',
                'password' => $password,
            ]);
            $user->assignRole(
                match (true) {
                    $person->slug === 'hanneke-de-wit' => Role::Lead->value,
                    in_array($person->slug, self::REVIEWERS, true) => Role::Reviewer->value,
                    default => Role::Member->value,
                },
            );
            $person->update(['user_id' => $user->id]);
        }
        $administrator = User::query()->create([
            'name' => 'Administrator',
            'email' => 'admin@alderquill.example',
            'password' => $password,
        ]);
        $administrator->assignRole(Role::Administrator->value);

        return User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail();
    }

    private function touchRoster(): void
    {
        House::query()->increment('roster_revision');
    }

    private function publish(int $version, User $lead): void
    {
        $saved = ($this->saveDraft)(DemoRules::version($version), LockedDraft::revision(), Actor::user($lead));
        ($this->publishDraft)(
            $saved->revision,
            [
                1 => 'The first rulebook',
                2 => 'Finnish enquiries; rush brass repair for ensembles',
                3 => 'Rush work is marked; bow rehair for the Islands',
            ][$version],
            Actor::user($lead),
        );
    }

    private function day(
        CarbonImmutable $day,
        DemoHistory $history,
        DemoRequests $requests,
        Randomizer $random,
        CarbonImmutable $begin,
        int $quietFrom,
        int $requestsADay,
    ): void {
        $weekday = $day->dayOfWeekIso;
        if ($weekday > 5) {
            return;
        }
        $week = (int) floor($begin->diffInDays($day) / 7);
        // Mondays are busy and Fridays are not; the week in which schools come back is half as busy again.
        $number = (int) round(
            ($requestsADay *
                [1 => 1.3, 2 => 1.1, 3 => 1.0, 4 => 0.9, 5 => 0.7][$weekday] *
                ($week === 6 ? 1.5 : 1.0) *
                $random->getInt(80, 120)) /
                100,
        );
        for ($count = 0; $count < $number; ++$count) {
            // Two humps, at ten and at three.
            $hour = $random->getInt(0, 1) === 0 ? 10 : 15;
            $minute = $hour * 60 + $random->getInt(-120, 120) + $random->getInt(-45, 45);
            $at = $day->getTimestamp() + max(430, $minute) * 60 + $random->getInt(0, 59);
            if ($at < $quietFrom) {
                $history->at($at, static fn() => $history->arrive($requests->next()));
            }
        }
    }

    /** Every hire stands as a task that waits for its end; some have come to it. */
    private function hires(CarbonImmutable $begin, DemoHistory $history, DemoRequests $requests): void
    {
        foreach (Customer::query()->whereNotNull('owner_id')->orderBy('slug')->get() as $place => $customer) {
            $history->at(
                $begin
                    ->addWeekdays($place)
                    ->setTime(9, 20 + $place)
                    ->getTimestamp(),
                static fn() => $history->hire($requests->incoming('hire', 'Hire, ' . $customer->name, $customer, [])),
            );
        }
    }
}
