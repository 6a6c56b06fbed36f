<?php

declare(strict_types=1);

namespace App\Reminders;

use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\TaskSubjects;
use App\DomainEvents\About;
use App\Models\Events\NoticeKind;
use App\Models\People\Person;
use App\Models\Reminders\Audience;
use App\Models\Reminders\Reminder;
use App\Models\Reminders\ReminderMoment;
use App\Models\Tasks\Task;
use App\Notices\GatherNotices;
use App\Notices\NewNotice;
use App\Tasks\TasksInSight;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * Gives the reminders that have come due, each once for its task and date: to people as news, to customers as messages.
 * More than five at once are told somebody as one.
 */
final readonly class Remind
{
    private const AT_ONCE = 500;
    private const MOST_PIECES = 20;

    public function __construct(
        private Houses $houses,
        private TaskSubjects $subjects,
        private TasksInSight $sight,
        private ReminderWords $words,
        private RemindCustomer $customers,
    ) {}

    public function __invoke(CarbonImmutable $now): void
    {
        for ($pieces = 0; $pieces < self::MOST_PIECES; ++$pieces) {
            $count = DB::transaction(fn(): int => $this->piece($now), attempts: 3);
            if ($count < self::AT_ONCE) {
                return;
            }
        }
    }

    /** @return int how many were due */
    private function piece(CarbonImmutable $now): int
    {
        $due = ReminderMoment::query()
            ->toCome()
            ->where('at', '<=', $now)
            ->with([
                'reminder.person.user',
                ...array_map(static fn(string $one): string => "task.{$one}", self::with()),
            ])
            ->orderBy('at')
            ->limit(self::AT_ONCE)
            ->lock('for update skip locked')
            ->get();
        if ($due->isEmpty()) {
            return 0;
        }
        $house = $this->houses->now();
        $mutes = Mutes::of($due->pluck('task_id')->all(), $due->pluck('reminder_id')->all());
        $told = [];
        $given = [];
        foreach ($due as $moment) {
            if ($moment->task === null || $moment->reminder === null) {
                continue;
            }
            $subject = $this->subjects->of($moment->task, $house);
            if (!self::stands($moment, $moment->reminder, $subject, $house, $now)) {
                // Its date has moved, and who keeps the moments has not come to it yet.
                $moment->delete();
                continue;
            }
            $given[] = $moment->id;
            array_push($told, ...$this->give($moment->reminder, $moment, $moment->task, $subject, $house, $mutes));
        }
        ReminderMoment::query()
            ->whereKey($given)
            ->update(['given_at' => $now]);
        GatherNotices::keep($told);

        return $due->count();
    }

    /** @return list<string> */
    private static function with(): array
    {
        return [...TaskSubjects::RELATIONS, 'kind'];
    }

    private static function stands(
        ReminderMoment $moment,
        Reminder $reminder,
        TaskSubject $subject,
        HouseAt $house,
        CarbonImmutable $now,
    ): bool {
        $stands = $reminder->moment()->momentOn($subject, $house->snapshot->roster->house);

        return $stands !== null && $stands[0] === $moment->hangs_on && $stands[1] <= $now->getTimestamp();
    }

    /** @return list<NewNotice> */
    private function give(
        Reminder $reminder,
        ReminderMoment $moment,
        Task $task,
        TaskSubject $subject,
        HouseAt $house,
        Mutes $mutes,
    ): array {
        $says = $this->words->of($reminder, $subject, $house);
        if ($reminder->audience === Audience::Customer) {
            ($this->customers)($reminder, $moment, $task, $says);

            return [];
        }
        $notices = [];
        foreach ($this->people($reminder, $task) as $personId) {
            if (!$mutes->includes($personId, $task->id, $reminder->id)) {
                $notices[] = new NewNotice(
                    $moment->at,
                    $personId,
                    NoticeKind::Reminded,
                    About::task($task->id),
                    text: $says,
                    channels: $reminder->by(),
                );
            }
        }

        return $notices;
    }

    /** @return list<string> ids */
    private function people(Reminder $reminder, Task $task): array
    {
        return match ($reminder->audience) {
            Audience::Holder => $task->holderIds(),
            Audience::Reviewer => array_values(array_filter([$task->reviewer_id], is_string(...))),
            Audience::Self => $this->self($reminder->person, $reminder, $task),
            Audience::Customer => [],
        };
    }

    /** @return list<string> nobody where they see it no longer, or hold it no longer */
    private function self(?Person $person, Reminder $reminder, Task $task): array
    {
        $user = $person?->user;

        return match (true) {
            $person === null => [],
            $reminder->task_id === null => in_array($person->id, $task->holderIds(), true) ? [$person->id] : [],
            default => $user !== null && $this->sight->includes($user, $task) ? [$person->id] : [],
        };
    }
}
