<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Access\Actor;
use App\Bridge\SnapshotSource;
use App\DomainEvents\HandOut;
use App\Intake\TakeInTask;
use App\Models\Absences\Absence;
use App\Models\Absences\StandInEvent;
use App\Models\Access\Role;
use App\Models\Access\User;
use App\Models\Customers\Customer;
use App\Models\House\CustomField;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Checklist;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\People\ImportRoster;
use App\Rules\LockedDraft;
use App\Rules\PublishDraft;
use App\Rules\SaveDraft;
use Carbon\CarbonImmutable;
use Database\Seeders\Demo\DemoHistory;
use Database\Seeders\Demo\DemoMoments;
use Database\Seeders\Demo\DemoNotices;
use Database\Seeders\Demo\DemoPlaces;
use Database\Seeders\Demo\DemoRequests;
use Database\Seeders\Demo\DemoRoster;
use Database\Seeders\Demo\DemoRules;
use Database\Seeders\Demo\DemoTrade;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Hash;
use OpenBaton\Core\Document\Node;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Spatie\Permission\Models\Role as RoleRow;

/** Alder & Quill: the demo house, with ten weeks behind it. Two starts on one day give the same data. */
final class DemoSeeder extends Seeder
{
    public const PASSWORD = 'port-selwyn';

    private const REVIEWERS = ['greta-solheim', 'jun-morita'];

    private const REQUESTS_A_DAY = 27;

    public const UNPLACED = 5;

    /** So many working minutes before the demo begins the last of the usual requests comes in. */
    private const QUIET_MINUTES = 80;

    private const WORKING_DAY = 480;

    /** Who has no room for the requests of the band, and does nothing about it until the demo begins. */
    private const FULL_BENCH = ['ayumi-kato', 'femi-adeyinka'];

    public function __construct(
        private readonly ImportRoster $importRoster,
        private readonly SaveDraft $saveDraft,
        private readonly PublishDraft $publishDraft,
        private readonly TakeInTask $takeIn,
        private readonly SnapshotSource $snapshots,
        private readonly HandOut $handOut,
    ) {}

    public function run(int $weeks = 10, int $requestsADay = self::REQUESTS_A_DAY): void
    {
        mt_srand(8217);
        $random = new Randomizer(new Mt19937(8217));
        $now = CarbonImmutable::now('Europe/Dublin');
        $today = $now->startOfDay();

        $this->house($today);
        $moments = new DemoMoments($this->snapshots->current()->roster->house, $now->getTimestamp());
        $lead = $this->signIns();
        (new DemoPlaces($random))->lay();
        (new DemoPlaces($random))->hires($today);
        $this->covers($today);
        $this->touchRoster();

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
        $this->latest($moments, $history, $requests);
        $history->runUntil($now->getTimestamp());
        (new DemoNotices($this->handOut))->readUntil($moments->ago(DemoNotices::UNREAD_MINUTES));
    }

    /** Somebody who stands in for some work only, and what the personnel office knows of the coming weeks. */
    private function covers(CarbonImmutable $today): void
    {
        $id = static fn(string $slug): string => Person::query()->where('slug', $slug)->sole()->id;
        Absence::query()
            ->where('slug', 'leo-later')
            ->sole()
            ->syncSubstitutes(
                [$id('winnie-achieng'), $id('tobias-lindqvist')],
                [
                    $id('winnie-achieng') => [
                        'all' => [
                            [
                                'field' => 'task.kind',
                                'op' => 'one_of',
                                'value' => ['bench-repair', 'rush-repair', 'rework'],
                            ],
                        ],
                    ],
                ],
            );
        $monday = $today->startOfWeek();
        StandInEvent::query()->create([
            'name' => 'Dilnoza Karimova',
            'first_day' => $monday->addDays(21)->format('Y-m-d'),
            'last_day' => $monday->addDays(25)->format('Y-m-d'),
        ]);
    }

    private function house(CarbonImmutable $today): void
    {
        House::query()->create([
            'name' => 'Alder & Quill',
            'zone' => 'Europe/Dublin',
            'hours' => [],
            'holidays' => [],
            'exceptions' => [],
            'customer_tiers' => DemoTrade::TIERS,
            'place_levels' => DemoTrade::LEVELS,
            'answering_level' => 'district',
        ]);
        ($this->importRoster)(Node::root(DemoRoster::document($today)), false, Actor::system('demo'));
        $position = 0;
        foreach (DemoTrade::KINDS as $slug => [$name, $minutes, $guide]) {
            TaskKind::query()->create([
                'slug' => $slug,
                'name' => $name,
                'usual_minutes' => $minutes,
                'guide' => $guide,
                'position' => $position++,
                'form_label' => DemoTrade::ON_THE_FORM[$slug] ?? null,
                'form_facts' => $slug === 'rush-repair' ? ['task.rush' => true] : null,
            ]);
        }
        foreach (DemoTrade::CHECKLISTS as $slug => [$name, $items]) {
            Checklist::query()->create(['slug' => $slug, 'name' => $name, 'items' => $items]);
        }
        foreach (
            [
                ['task.family', 'Instrument family', 'one_of', DemoTrade::FAMILIES, 'Family of the instrument'],
                ['task.instrument', 'Instrument', 'text', null, 'Instrument'],
                ['task.value', 'Value of the instrument', 'money', null, 'Its value'],
                ['task.rush', 'Rush', 'yes_no', null],
                [
                    'task.language',
                    'Language',
                    'one_of',
                    ['english' => 'English', 'irish' => 'Irish', 'finnish' => 'Finnish', 'french' => 'French'],
                    'Language you would like',
                ],
                ['task.repaired_by', 'Repaired by', 'person', null],
                ['task.needed', 'Needed on', 'date', null],
                ['task.cost', 'Estimated cost', 'money', null],
                ['customer.hire_ends', 'End of the hire', 'date', null],
            ]
            as $place => $field
        ) {
            [$path, $label, $type, $options] = $field;
            CustomField::query()->create([
                'path' => $path,
                'label' => $label,
                'type' => $type,
                'options' => $options,
                'position' => $place,
                'form_label' => $field[4] ?? null,
            ]);
        }
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

    /**
     * What makes the house worth a look at whatever hour the demo begins: a full strings bench, late quotes, a brass
     * bench without room, what is sent back while somebody is away.
     */
    private function latest(DemoMoments $moments, DemoHistory $history, DemoRequests $requests): void
    {
        $orchestra = $requests->customerNamed('Selwyn Youth Orchestra');
        for ($count = 0; $count < 16; ++$count) {
            $history->at(
                $moments->ago(5 * self::WORKING_DAY - 60 - 4 * $count),
                static fn() => $history->leave(
                    $requests->incoming(
                        'bench-repair',
                        'Cello of the orchestra, set-up before the concert',
                        $orchestra,
                        [
                            'task.family' => 'strings',
                            'task.instrument' => 'cello',
                            'task.value' => 900,
                        ],
                        300,
                    ),
                ),
            );
        }
        $band = $requests->customerNamed('Carrow Silver Band');
        foreach (['8 × cornet', '2 × tenor horn', '1 × sousaphone'] as $place => $wanted) {
            $history->at(
                $moments->ago(3 * self::WORKING_DAY + 50 * $place),
                static fn() => $history->leave(
                    $requests->incoming('quote', 'Hire of ' . $wanted, $band, ['task.language' => 'english']),
                ),
            );
        }
        $history->at($moments->ago(70), static function () use ($history, $requests, $band): void {
            $history->rest(...self::FULL_BENCH);
            for ($count = 0; $count < 40 && Task::query()->unplaced()->count() < self::UNPLACED; ++$count) {
                $instrument = $count % 2 === 0 ? 'cornet' : 'flugelhorn';
                $history->leave(
                    $requests->incoming(
                        'bench-repair',
                        "Band {$instrument}, worn valve felts",
                        $band,
                        [
                            'task.family' => 'brass',
                            'task.instrument' => $instrument,
                            'task.value' => 320,
                        ],
                        60,
                    ),
                );
            }
        });
        $history->at(
            $moments->ago(40),
            static fn() => $history->leave(
                $requests->incoming('rework', 'Trombone, slide still catches in third position', $band, [
                    'task.family' => 'brass',
                    'task.instrument' => 'trombone',
                    'task.value' => 540,
                    'task.repaired_by' => 'callum-rees',
                ]),
            ),
        );
        $history->at(
            $moments->ago(15),
            static fn() => $history->leave(
                $requests->incoming('quality-check', 'Cello, soundpost reset', $orchestra, [
                    'task.family' => 'strings',
                    'task.instrument' => 'cello',
                    'task.value' => 900,
                    'task.repaired_by' => 'jun-morita',
                ]),
            ),
        );
    }
}
