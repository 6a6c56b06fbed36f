<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

use Closure;

/**
 * What becomes of jobs on one person's line of time, at every moment the one that is due first, as the load plan does
 * it: how much of them is done late, and how full the fullest window is.
 */
final readonly class Line
{
    /** @param list<Job> $jobs in the order of the load plan */
    public function __construct(private array $jobs) {}

    public function strain(): Strain
    {
        foreach ($this->jobs as $job) {
            if ($job->from > 0) {
                return new Strain($this->late(), $this->peak());
            }
        }

        return $this->strainAtOnce();
    }

    /** Where all may begin at once, they are done one after the other, and every window begins now. */
    private function strainAtOnce(): Strain
    {
        [$late, $done, $dated] = [0, 0, 0];
        $peak = null;
        foreach ($this->jobs as $place => $job) {
            $end = $done + $job->work;
            if ($job->due !== null) {
                $dated += $job->work;
                if ($end > $job->due) {
                    $late += $end - max($done, $job->due);
                }
                $next = $this->jobs[$place + 1] ?? null;
                if (!$job->overdue && ($next === null || $next->due !== $job->due)) {
                    $window = new Fraction($dated, $job->due);
                    $peak = $peak === null || $window->compare($peak) > 0 ? $window : $peak;
                }
            }
            $done = $end;
        }

        return new Strain($late, $peak ?? new Fraction($dated, 0));
    }

    /** @return array<array-key, int> when each is done, by task */
    public function ends(): array
    {
        $ends = [];
        foreach ($this->jobs as $job) {
            $ends[$job->taskId] = $job->from;
        }
        foreach ($this->pieces() as [$job, , $to]) {
            $ends[$job->taskId] = $to;
        }

        return $ends;
    }

    /** What of the work that is due is done after it is due, or never. */
    public function late(): int
    {
        $late = 0;
        foreach ($this->pieces() as [$job, $from, $to]) {
            if ($job->due !== null) {
                $late += max(0, $to - max($from, $job->due));
            }
        }

        return $late;
    }

    /**
     * When each job is worked on: between two moments at which one may begin, the first of those that have begun goes
     * on.
     *
     * @return iterable<array{Job, int, int}> from and to
     */
    private function pieces(): iterable
    {
        $left = array_map(static fn(Job $job): int => $job->work, $this->jobs);
        $begins = self::each($this->jobs, static fn(Job $job): int => $job->from);
        foreach ($begins as $place => $at) {
            $until = $begins[$place + 1] ?? null;
            foreach ($this->jobs as $index => $job) {
                if ($left[$index] === 0 || $job->from > $at) {
                    continue;
                }
                $to = $until === null ? $at + $left[$index] : min($until, $at + $left[$index]);
                yield [$job, $at, $to];
                $left[$index] -= $to - $at;
                $at = $to;
                if ($at === $until) {
                    break;
                }
            }
        }
    }

    /**
     * The greatest, over all windows from now or from where a job may begin to where one is due, of the work that may
     * begin and is due within it to the time within it; at most 1 exactly where nothing is late. What is overdue counts
     * with the first window.
     */
    public function peak(): Fraction
    {
        $dated = array_values(array_filter($this->jobs, static fn(Job $job): bool => $job->due !== null));
        $dues = self::each($dated, static fn(Job $job): ?int => $job->overdue ? null : $job->due);
        if ($dues === [] && $dated !== []) {
            $dues = [0];
        }
        $peak = new Fraction(0, 1);
        foreach (array_unique([0, ...self::each($dated, static fn(Job $job): int => $job->from)]) as $from) {
            foreach ($dues as $due) {
                if ($due < $from) {
                    continue;
                }
                $work = 0;
                foreach ($dated as $job) {
                    $work += $job->from >= $from && $job->due <= $due ? $job->work : 0;
                }
                $window = new Fraction($work, $due - $from);
                $peak = $window->compare($peak) > 0 ? $window : $peak;
            }
        }

        return $peak;
    }

    /**
     * @param list<Job>           $jobs
     * @param Closure(Job): (int|null) $of
     *
     * @return list<int> each once, in order
     */
    private static function each(array $jobs, Closure $of): array
    {
        $all = array_values(array_unique(array_filter(array_map($of, $jobs), is_int(...))));
        sort($all);

        return $all;
    }
}
