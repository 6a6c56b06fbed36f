<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Access\Actor;
use App\Alerts\SetAlert;
use App\Alerts\WatchHouse;
use App\DomainEvents\HandOut;
use App\Models\Access\User;
use App\Models\Events\NewsChoice;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Reminders\Audience;
use App\Models\Reminders\Reminder;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\Reminders\MuteReminders;
use App\Reminders\Remind;
use App\Reminders\ReminderTerms;
use App\Reminders\SaveReminder;
use App\Reminders\TellDue;
use App\Tasks\MarkToHandOn;
use App\Tasks\PostponeTask;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Alert\AlertKind;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Subject\Completion;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Workload\TaskStatus;

/** What people of the demo have arranged for their days: what they are reminded of and told, what is put off. */
final readonly class DemoDay
{
    public function __construct(
        private SaveReminder $reminders,
        private SetAlert $alerts,
        private PostponeTask $postpone,
        private MarkToHandOn $mark,
        private HandOut $handOut,
        private TellDue $tellDue,
        private Remind $remind,
    ) {}

    public function arrange(User $lead, CarbonImmutable $now): void
    {
        $this->proposed(Actor::user($lead));
        $this->chosen($now);
        $this->tasks($now);
        ($this->alerts)(AlertKind::Unplaced, true, 30, [Channel::Chat], [], Actor::user($lead));
        TaskKind::query()
            ->where('slug', 'fitting')
            ->sole()
            ->update(['to_complete' => (new Completion(checklist: true, note: true))->write()]);
        House::query()->increment('roster_revision');
        ($this->handOut)();
        ($this->tellDue)($now);
        ($this->remind)($now);
        WatchHouse::dispatchSync();
    }

    private function proposed(Actor $lead): void
    {
        $set = fn(string $kind, ReminderTerms $terms): Reminder => $this->reminders->propose(
            TaskKind::query()->where('slug', $kind)->sole(),
            null,
            $terms,
            $lead,
        );
        $set('call-back', self::terms(Audience::Holder, 'task.due', '-30 minutes'));
        $repairs = $set('bench-repair', self::terms(Audience::Holder, 'task.due', '-1 working_days', '09:00'));
        $set(
            'fitting',
            self::terms(
                Audience::Customer,
                'task.due',
                '-1 working_days',
                '10:00',
                [Channel::Mail],
                'We look forward to seeing you on ~task.due~: please bring the case.',
            ),
        );
        MuteReminders::reminder($repairs, self::person('tobias-lindqvist'), true);
    }

    private function chosen(CarbonImmutable $now): void
    {
        foreach (
            [
                'hanneke-de-wit' => ['summary' => ['mail'], 'mentioned' => ['chat'], 'alert' => ['chat']],
                'ayumi-kato' => ['summary' => ['mail'], 'sent_back' => ['chat'], 'reminded' => ['chat']],
                'oona-devlin' => ['summary' => ['chat'], 'late' => ['chat']],
            ]
            as $slug => $channels
        ) {
            $person = Person::query()->where('slug', $slug)->first();
            $person === null ||
                NewsChoice::query()->create([
                    'person_id' => $person->id,
                    'channels' => $channels,
                    'summed_at' => $now->subDay(),
                ]);
        }
    }

    private function tasks(CarbonImmutable $now): void
    {
        $ayumi = self::person('ayumi-kato');
        $held = self::held($ayumi);
        $user = $ayumi->user;
        if ($user !== null && count($held) > 2) {
            ($this->postpone)($held[0], $now->next('thursday')->setTime(9, 0), 'The part comes with the boat', $user);
            ($this->mark)($held[1], 'A bell this large is for Femi', $user);
            $this->reminders->own($ayumi, $held[2], null, self::terms(Audience::Self, 'task.due', '-2 hours'));
            MuteReminders::task($held[1], $ayumi, true);
        }
    }

    /** @return list<Task> those that they have not begun, the latest first */
    private static function held(Person $person): array
    {
        return array_values(
            Task::query()
                ->where('assignee_id', $person->id)
                ->where('status', TaskStatus::New)
                ->orderByDesc('number')
                ->limit(3)
                ->get()
                ->all(),
        );
    }

    private static function person(string $slug): Person
    {
        return Person::query()->where('slug', $slug)->with('user')->firstOrFail();
    }

    /** @param list<Channel> $channels */
    private static function terms(
        Audience $audience,
        string $field,
        string $offset,
        ?string $time = null,
        array $channels = [],
        ?string $text = null,
    ): ReminderTerms {
        return new ReminderTerms(
            $audience,
            new DateReached($field, Offset::parse($offset), $time === null ? null : TimeOfDay::parse($time)),
            $channels,
            $text === null ? null : MergedText::parse($text),
        );
    }
}
