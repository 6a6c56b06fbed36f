<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Access\Speaker;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Tasks\ApproveTask;
use App\Tasks\AskReview;
use App\Tasks\AttachFile;
use App\Tasks\CommentOn;
use App\Tasks\CompleteTask;
use App\Tasks\SendBack;
use App\Tasks\StartTask;
use App\Tasks\TickItem;
use App\Tasks\WaitTask;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Workload\TaskStatus;
use Random\Randomizer;

/** How people get through a task: begin, say a word, wait, tick, have it checked, complete. */
final class DemoWork
{
    private const HOUR = 3600;

    public function __construct(private readonly Randomizer $random) {}

    /**
     * @param int  $start   instant at which it is begun
     * @param int  $end     instant at which it is done
     * @param int  $spent   minutes
     * @param bool $checked most of its kind are checked by somebody else
     */
    public function plan(
        DemoHistory $history,
        string $taskId,
        string $personId,
        int $start,
        int $end,
        int $spent,
        bool $checked,
    ): void {
        $says = $this->chance(12);
        $waits = $this->chance(9);
        $review = $checked && $this->chance(55);
        $attaches = $checked && $this->chance(30);
        $history->at($start, function () use ($history, $taskId, $personId, $says, $attaches): void {
            $task = $this->held($taskId, $personId, TaskStatus::New);
            $user = $history->userOf($personId);
            if ($task !== null && $user !== null) {
                app(StartTask::class)($task, $user);
                if ($says) {
                    app(CommentOn::class)($task, $this->one(DemoTrade::SAID), [], Speaker::user($user));
                }
                if ($attaches) {
                    $this->attach($task, $user);
                }
            }
        });
        if ($waits) {
            $history->at($start + 2 * self::HOUR, fn() => $this->wait($history, $taskId, $personId, $end));
        }
        $history->at($end, fn() => $this->finish($history, $taskId, $personId, $spent, $review));
    }

    private function attach(Task $task, User $user): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'baton');
        file_put_contents(
            $path,
            "Found on {$task->title}:\n- {$this->one(DemoTrade::FAULTS['brass'])}\n- {$this->one(
                DemoTrade::FAULTS['keys'],
            )}\n",
        );
        app(AttachFile::class)->__invoke(
            $task,
            new UploadedFile($path, 'what was found.txt', 'text/plain', null, true),
            Speaker::user($user),
        );
        unlink($path);
    }

    private function wait(DemoHistory $history, string $taskId, string $personId, int $end): void
    {
        $task = $this->held($taskId, $personId, TaskStatus::Working);
        $user = $history->userOf($personId);
        if ($task !== null && $user !== null && $end > CarbonImmutable::now()->getTimestamp() + self::HOUR) {
            app(WaitTask::class)(
                $task,
                $this->one(DemoTrade::WAITED_FOR),
                CarbonImmutable::createFromTimestampUTC($end - 600),
                $user,
            );
        }
    }

    private function finish(DemoHistory $history, string $taskId, string $personId, int $spent, bool $review): void
    {
        $task = $this->held($taskId, $personId);
        $user = $history->userOf($personId);
        if ($task === null || $user === null || !$task->status->wantsHolder()) {
            return;
        }
        foreach ($task->items() as $item) {
            $this->tick($task, $item, $history, $personId);
        }
        if ($task->status === TaskStatus::Waiting) {
            app(StartTask::class)($task, $user);
        }
        if (!$review) {
            app(CompleteTask::class)($task, $user, null, $spent);

            return;
        }
        app(AskReview::class)($task, null, $user);
        $history->at(
            CarbonImmutable::now()->getTimestamp() + $this->random->getInt(2, 80) * self::HOUR,
            fn() => $this->check($history, $taskId, $personId, $spent),
        );
    }

    private function tick(Task $task, ChecklistItem $item, DemoHistory $history, string $personId): void
    {
        $user = $history->userOf($personId);
        if ($user !== null && !$item->done && $this->chance(40)) {
            app(TickItem::class)($task, $item->text, true, $user);
        }
    }

    /** Whoever reviews it signs it off, or sends it back; what is sent back is done again. */
    private function check(DemoHistory $history, string $taskId, string $personId, int $spent): void
    {
        $task = Task::query()->findOrFail($taskId);
        $reviewer = $history->userOf($task->reviewer_id);
        if ($task->status !== TaskStatus::InReview || $reviewer === null) {
            return;
        }
        if ($this->chance(82)) {
            app(ApproveTask::class)($task, null, $reviewer);

            return;
        }
        app(SendBack::class)($task, $this->one(DemoTrade::SENT_BACK), $reviewer);
        $history->at(
            CarbonImmutable::now()->getTimestamp() + $this->random->getInt(3, 30) * self::HOUR,
            fn() => $this->finish($history, $taskId, $personId, $spent, true),
        );
    }

    private function held(string $taskId, string $personId, ?TaskStatus $status = null): ?Task
    {
        $task = Task::query()->findOrFail($taskId);

        return $task->assignee_id === $personId && ($status === null || $task->status === $status) ? $task : null;
    }

    private function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /** @param list<string> $from */
    private function one(array $from): string
    {
        return $from[$this->random->getInt(0, count($from) - 1)];
    }
}
