<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Access\Actor;
use App\Models\Absences\StandInEvent;
use App\Models\Access\Invitation;
use App\Models\Customers\Customer;
use App\Models\Customers\CustomerLink;
use App\Models\Events\Notice;
use App\Models\House\CustomField;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Checklist;
use App\Models\Tasks\Decision;
use App\Models\Tasks\TaskKind;
use App\Rules\LockedDraft;
use App\Rules\SaveDraft;
use Database\Factories\Absences\AbsenceFactory;
use Database\Factories\Access\UserFactory;
use Illuminate\Routing\Route;

/** For each route a request that is right, in a house that has what it is about. */
final class RightRequests
{
    private const REMINDER = [
        'field' => 'task.due',
        'offset' => '-1 days',
        'time' => '09:00',
        'channels' => ['mail'],
        'text' => 'Soon: ~task.title~',
    ];

    private const LINKS = [['about' => 'kind', 'target' => 'quote']];

    private const ABSENCE = [
        'person' => 'callum',
        'days' => true,
        'first' => '2026-03-16',
        'last' => '2026-03-17',
        'kind' => 'leave',
        'held' => 'falls_due',
        'hand_back' => 'untouched',
        'note' => 'Away',
        'substitutes' => ['femi', 'tobias'],
        'only' => ['femi' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']],
    ];

    private const CALENDAR =
        "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//X//EN\r\nBEGIN:VEVENT\r\nUID:1\r\n" .
        "DTSTAMP:20260301T000000Z\r\nDTSTART;VALUE=DATE:20260316\r\nATTENDEE;CN=Femi " .
        "Adeyinka:mailto:f@x.example\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";

    /** @var array<string, string> ids by the names that addresses have for them */
    private array $ids;

    private RightTaskRequests $tasks;

    public RightCaseRequests $cases;

    /** Makes what the requests are about. */
    public function __construct()
    {
        $hanneke = House::person('hanneke')->id;
        $this->tasks = new RightTaskRequests();
        $this->cases = new RightCaseRequests();
        $absence = AbsenceFactory::new()
            ->of('callum')
            ->asked()
            ->create(['slug' => 'asked']);
        $new = $this->tasks->of('new')->id;
        $notice = Notice::query()->create(['person_id' => $hanneke, 'task_id' => $new, 'kind' => 'got', 'at' => now()]);
        $user = UserFactory::new()->create();
        CustomerLink::query()->create([
            'task_id' => $this->tasks->of('new')->id,
            'secret' => CustomerLink::digest(str_repeat('a', 48)),
            'made_at' => now(),
        ]);
        Invitation::query()->create([
            'user_id' => $user->id,
            'token' => Invitation::digest(str_repeat('a', 48)),
            'expires_at' => now()->addDay(),
        ]);
        $this->ids = [
            'absence' => $absence->id,
            'person' => 'callum',
            'place' => 'the-holms',
            'list' => 'teams',
            'slug' => 'brass-bench',
            'until' => (string) $notice->id,
            'notice' => (string) $notice->id,
            'customer' => Customer::query()->firstOrFail()->id,
            'version' => (string) RulebookVersion::query()->published()->firstOrFail()->id,
            'kind' => TaskKind::query()->where('slug', 'quote')->firstOrFail()->id,
            'event' => StandInEvent::query()->create([
                'name' => 'Callum Rees',
                'first_day' => '2026-03-09',
                'last_day' => '2026-03-10',
            ])->id,
            'decision' => (string) Decision::query()
                ->where('task_id', $this->tasks->of('new')->id)
                ->firstOrFail()->id,
            'field' => CustomField::query()->create([
                'path' => 'task.colour',
                'label' => 'Colour',
                'type' => 'text',
                'position' => 1,
            ])->id,
            'checklist' => Checklist::query()->create(['slug' => 'c', 'name' => 'C', 'items' => ['A']])->id,
            'user' => $user->id,
            'token' => (string) $user->createToken('t', [])->accessToken->getKey(),
            'secret' => str_repeat('a', 48),
            'signature' => str_repeat('a', 32),
            ...RightHouseRequests::ids(),
            'session' => hash('sha256', 'x'),
            'message' => (string) Messages::held($this->tasks->of('new'))->id,
            'post' => (string) Messages::taken()->id,
            'channel' => 'mail',
            'reminder' => Reminders::ofRepairs()->id,
            'alert' => 'unplaced',
            'duty' => Duties::known()->slug,
            'guide' => Guides::ofRepairs()->slug,
            'picture' => Guides::picture()->id,
        ];
        app(SaveDraft::class)([House::roundRule()], LockedDraft::revision(), Actor::user(House::user('hanneke')));
    }

    public function id(Route $route, string $name): string
    {
        $ofCases = $this->cases->id($route, $name) ?? RightDutyRequests::id($route, $name);
        if ($name === 'task') {
            return $ofCases ?? $this->tasks->idFor(basename($route->uri()));
        }

        if ($name === 'decision' && str_starts_with($route->uri(), 'customers')) {
            return RightHouseRequests::decision($this->ids['decision'], $this->ids['customer']);
        }

        return $ofCases ?? ($this->ids[$name] ?? 'none');
    }

    /** What stands in the address beside the body. */
    public function query(Route $route): string
    {
        return $route->uri() === 'rulebook/import' ? '?revision=' . LockedDraft::revision() : '';
    }

    /** @return array<string, mixed>|string what is sent; a text as it is */
    public function body(Route $route): array|string
    {
        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'POST imports/{what}', 'POST imports/{what}/preview' => "name\nWeka Hall\n",
            'POST messages/release', 'POST messages/drop', 'POST messages/hold' => [
                'ids' => [(int) $this->ids['message']],
            ],
            'POST messages/postpone' => ['ids' => [(int) $this->ids['message']], 'at' => '2026-03-04T10:00:00Z'],
            'PUT messages/{message}', 'PUT api/v1/messages/{message}' => [
                'address' => 'ada@holms.example',
                'subject' => 'Your horn',
                'text' => 'It is ready.',
            ],
            'POST api/v1/absences' => ['kind' => 'leave', 'first' => '2026-03-09', 'last' => '2026-03-10'],
            'POST guides' => ['name' => 'Reeds', 'text' => 'Soak them.', 'seen' => 0, 'links' => self::LINKS],
            'PUT guides/{guide}' => ['name' => 'Repairs', 'text' => 'Look.', 'seen' => 1, 'links' => self::LINKS],
            'PUT guides/kind' => ['kind' => 'quote'],
            'POST guides/{guide}/retire' => ['retired' => true],
            'POST guides/{guide}/not-right' => ['what' => 'Felts come last.', 'kind' => 'quote'],
            'PUT news/choice' => [
                'channels' => ['given' => ['mail']],
                'quiet_from' => '12:00',
                'quiet_to' => '13:00',
                'urgent_passes' => true,
            ],
            'PUT news/obligatory' => ['channels' => ['told' => ['mail']], 'on_call' => ['brass-bench']],
            'GET news' => ['unread' => '1', 'before' => $this->ids['notice']],
            'POST reminders' => self::REMINDER + ['kind' => 'quote', 'audience' => 'customer'],
            'PUT reminders/{reminder}' => self::REMINDER + ['audience' => 'holder'],
            'PUT reminders/{reminder}/mute' => ['muted' => true],
            'PUT reminders/due-soon' => ['minutes' => 90],
            'PUT alerts/{alert}' => ['on' => true, 'threshold' => 30, 'channels' => ['chat'], 'people' => ['hanneke']],
            'GET guides' => ['guide' => 'repairs'],
            'PUT outbox/holding' => ['holds' => true],
            'PUT stand-ins/messages/{channel}' => ['behaviour' => 'slow'],
            'GET outbox' => ['state' => 'held', 'channel' => 'mail', 'q' => 'Holms', 'page' => '1'],
            'POST sign-in' => ['email' => 'femi@alderquill.example', 'password' => 'wrong'],
            'GET search' => ['q' => 'trumpet'],
            'GET floor', 'GET in-hand' => ['task' => $this->tasks->of('new')->id, 'person' => 'femi', 'page' => '1'],
            'GET days' => ['month' => '2026-03', 'person' => 'femi'],
            'GET absences' => ['from' => '2026-03-02', 'weeks' => '4', 'team' => 'brass-bench'],
            'POST absences', 'POST absences/{absence}' => self::ABSENCE,
            'POST absences/minimum' => ['of' => 'team:brass-bench', 'people' => 2],
            'POST absences/{absence}/decide' => ['approve' => true, 'word' => 'Fine'],
            'POST absences/{absence}/cover' => ['task' => $this->tasks->of('new')->id, 'to' => 'femi', 'auto' => false],
            'POST absences/calendars/preview',
            'POST absences/calendars/import',
            'POST absences/calendars/hours'
                => self::CALENDAR,
            'POST absences/calendars/renew' => ['team' => 'brass-bench'],
            'GET tasks/{task}/history' => ['before' => '2026-03-02T10:00:00Z'],
            'GET tasks/{task}/files' => ['before' => '01kjp9q8z0000000000000000a'],
            'GET absences/what-if' => array_diff_key(self::ABSENCE, [
                'only' => 1,
                'days' => 1,
                'kind' => 1,
                'hand_back' => 1,
                'note' => 1,
            ]),
            'POST stand-ins/personnel' => [
                'name' => 'Femi Adeyinka',
                'first_day' => '2026-03-09',
                'last_day' => '2026-03-10',
            ],
            'POST stand-ins/web-form' => [
                'title' => 'Trumpet',
                'kind' => 'bench-repair',
                'description' => 'Stuck',
                'customer' => 'holms-school',
                'contact' => 'Ada',
            ],
            'GET tasks/new/customers' => ['q' => 'holm'],
            'GET customers' => ['q' => 'holm', 'page' => '1', 'customer' => 'holms-school'],
            'POST invitation/{secret}' => ['password' => 'a heron on the quay', 'again' => 'a heron on the quay'],
            'POST account/password' => [
                'current' => House::PASSWORD,
                'password' => 'a heron on the quay',
                'again' => 'a heron on the quay',
            ],
            'POST sign-ins' => [
                'person' => null,
                'name' => 'Web shop',
                'email' => 'shop@alderquill.example',
                'role' => 'lead',
            ],
            'POST tokens' => [
                'user' => $this->ids['user'],
                'name' => 'Web shop',
                'abilities' => ['tasks:read'],
                'until' => '2026-06-01',
            ],
            default => $this->tasks->body($route) ??
                ($this->cases->body($route) ??
                    (RightDutyRequests::body($route) ??
                        (RightPeopleRequests::body($route, $this->tasks->of('new')->id) ??
                            RightHouseRequests::body($route, $this->tasks->of('new')->number)))),
        };
    }
}
