<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Stamp;
use App\Models\Timer;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Timer\Occurrence;
use OpenBaton\Core\Timer\Timers;

/** Keeps the moments at which something happens to tasks by itself, so that a tick finds what is due by an index. */
final readonly class TimerBook
{
    public function __construct(private Routers $routers) {}

    /** Puts down what hangs on the tasks of a chain as they are after it. */
    public function hang(ChainResult $chain, Commit $commit): void
    {
        $timers = $this->routers->timers($commit->inputs->state, $commit->house);
        $new = [];
        foreach ($chain->links as $link) {
            if ($link->change->isArrival()) {
                $new[$link->change->after->id] = true;
            }
        }
        $this->put($timers, array_values($chain->subjects), array_map(strval(...), array_keys(array_diff_key($chain->subjects, $new))), $commit->inputs->state->tickedAt);
    }

    /**
     * @param list<Subject> $subjects
     * @param list<string>  $old   ids of those on which something may hang already
     * @param int           $after instant: what fell due by then is past
     */
    public function put(Timers $timers, array $subjects, array $old, int $after): void
    {
        $rows = [];
        foreach ($subjects as $subject) {
            foreach ($timers->hangingOn($subject) as $one) {
                $rows[$one->key] = $one;
            }
        }
        if ($old !== []) {
            // A date that has moved can no longer fire; what has fired stays, so that it never does again.
            Timer::query()->whereIn('task_id', $old)->whereNull('fired_at')->where('scheduled', false)->whereNotIn('key', array_map(strval(...), array_keys($rows)))->delete();
        }
        self::insert(array_values(array_filter($rows, static fn(Occurrence $one): bool => $one->at > $after)));
    }

    /** @param list<Occurrence> $occurrences */
    public static function insert(array $occurrences): void
    {
        foreach (array_chunk($occurrences, 500) as $chunk) {
            Timer::query()->insertOrIgnore(array_map(static fn(Occurrence $one): array => [
                'key' => $one->key,
                'task_id' => $one->taskId,
                'timer' => $one->timer?->id,
                'scheduled' => $one->timer?->event instanceof Schedule,
                'due_at' => Stamp::of($one->at),
            ], $chunk));
        }
    }
}
