<?php

declare(strict_types=1);

/*
 * Levelling: how long it takes for 200 people with 2,000 tasks, and how near it comes to the optimum of an integer
 * program (solved by glpk) for small houses. Without start dates, so that the order of the load plan is known and the
 * program is linear. Prints JSON.
 */

use OpenBaton\Core\Levelling\Leveller;
use OpenBaton\Core\Levelling\Movable;
use OpenBaton\Core\Levelling\Reach;
use OpenBaton\Core\Levelling\Terms;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__ . '/../vendor/autoload.php';

const CASES = 20;
const SECONDS = 10;

/** @return array<array-key, Reach> */
function reachOf(int $people): array
{
    $roster = new Roster(
        Build::calendar(),
        array_map(static fn(int $n): Person => Build::person("p{$n}"), range(0, $people - 1)),
    );
    $now = Build::at('2026-03-02 09:00');

    return array_map(
        static fn(Person $one): Reach => new Reach($one, $roster->presenceOf($one->id), $now),
        $roster->people,
    );
}

/**
 * Teams of ten; who has a task is one of the first in a team more often than not.
 *
 * @return list<Movable> the earliest due first
 */
function randomTasks(Randomizer $random, int $count, int $people, int $most, int $spread): array
{
    $tasks = [];
    for ($number = 0; $number < $count; ++$number) {
        $team = $random->getInt(0, intdiv($people - 1, 10));
        $size = min(10, $people - 10 * $team);
        $eligible = array_map(static fn(int $n): string => 'p' . (10 * $team + $n), range(0, $size - 1));
        $tasks[] = new Movable(
            sprintf('t%04d', $number),
            $random->getInt(30, $most) * Movable::UNITS_A_MINUTE,
            $eligible[min($random->getInt(0, $size - 1), $random->getInt(0, $size - 1))],
            $eligible,
            null,
            Build::at('2026-03-02 13:00') + 14_400 * $random->getInt(0, $spread),
        );
    }
    usort($tasks, static fn(Movable $a, Movable $b): int => $a->dueAt <=> $b->dueAt ?: $a->id <=> $b->id);

    return $tasks;
}

/**
 * The least late work of any assignment, as an integer program: x says who has a task, l how much of it is late, z
 * whether it is late whole (all that comes before it on a line is due before it).
 *
 * @param list<Movable>           $tasks
 * @param array<array-key, Reach> $reach
 *
 * @return int|null minutes; null: it was not solved in time
 */
function optimum(array $tasks, array $reach): ?int
{
    $minutes = static fn(int $units): int => intdiv($units, Movable::UNITS_A_MINUTE);
    $all = $minutes(array_sum(array_map(static fn(Movable $one): int => $one->work, $tasks)));
    $goal = $rows = $binary = [];
    foreach ($tasks as $j => $task) {
        $one = [];
        foreach ($task->eligible as $p) {
            $one[] = "x_{$j}_{$p}";
            $goal[] = "l_{$j}_{$p}";
            array_push($binary, "x_{$j}_{$p}", "z_{$j}_{$p}");
            $before = [];
            foreach (array_slice($tasks, 0, $j + 1, true) as $i => $other) {
                if (in_array($p, $other->eligible, true)) {
                    $before[] = "{$minutes($other->work)} x_{$i}_{$p}";
                }
            }
            $due = $minutes($reach[$p]->until((int) $task->dueAt));
            // Done by the end of what comes before and itself, less what there is time for.
            $rows[] =
                implode(' + ', $before) .
                " + {$all} x_{$j}_{$p}' - l_{$j}_{$p} - {$all} z_{$j}_{$p} <= " .
                ($due + $all);
            $rows[] = "{$minutes($task->work)} x_{$j}_{$p} - l_{$j}_{$p} + {$all} z_{$j}_{$p} <= {$all}";
        }
        $rows[] = implode(' + ', $one) . ' = 1';
    }
    $rows = array_map(
        static fn(string $row): string => (string) preg_replace("/ \\+ (\\d+) (x_\\S+)' /", ' + $1 $2 ', $row),
        $rows,
    );
    $text = "Minimize\n obj: " . implode("\n + ", $goal) . "\nSubject To\n";
    foreach ($rows as $number => $row) {
        $text .= " c{$number}: " . wordwrap(joined($row), 200, "\n ") . "\n";
    }
    $text .= "Binary\n " . implode("\n ", $binary) . "\nEnd\n";
    $file = (string) tempnam(sys_get_temp_dir(), 'level');
    file_put_contents($file, $text);
    exec(
        'glpsol --lp ' .
            escapeshellarg($file) .
            ' --tmlim ' .
            SECONDS .
            ' -o ' .
            escapeshellarg("{$file}.out") .
            ' 2>&1',
        $said,
    );
    $answer = (string) file_get_contents("{$file}.out");
    unlink($file);
    unlink("{$file}.out");

    return preg_match('/Status:\s+INTEGER OPTIMAL/', $answer) === 1 &&
        preg_match('/Objective:\s+obj = (\d+)/', $answer, $found) === 1
        ? (int) $found[1]
        : null;
}

/** Terms of one variable together, as the format asks for it. */
function joined(string $row): string
{
    [$left, $right] = preg_split('/ (?=<=|=)/', $row, 2) ?: [$row, ''];
    $sums = [];
    foreach (preg_split('/ (?=[+-] )/', $left) ?: [] as $term) {
        if (preg_match('/^([+-]? ?)(\d+ )?(\S+)$/', trim($term), $parts) !== 1) {
            throw new LogicException("\"{$term}\" is no term.");
        }
        $sums[$parts[3]] =
            ($sums[$parts[3]] ?? 0) +
            (str_starts_with($parts[1], '-') ? -1 : 1) * (int) ($parts[2] === '' ? 1 : $parts[2]);
    }
    $terms = [];
    foreach ($sums as $name => $factor) {
        $terms[] = ($factor < 0 ? '- ' : '+ ') . abs($factor) . " {$name}";
    }

    return implode(' ', $terms) . " {$right}";
}

$random = new Randomizer(new Mt19937(21));
$tasks = randomTasks($random, 2000, 200, 300, 30);
$times = [];
foreach ([20_000, 60_000] as $budget) {
    $begin = hrtime(true);
    $reach = reachOf(200);
    $levelled = (new Leveller($tasks, $reach, new Terms()))->level($budget);
    $times[$budget] = (hrtime(true) - $begin) / 1e6;
}
$ours = $best = $solved = 0;
for ($case = 0; $case < CASES; ++$case) {
    $reach = reachOf(3);
    $small = randomTasks($random, 9, 3, 420, 7);
    $optimum = optimum($small, $reach);
    if ($optimum === null) {
        continue;
    }
    ++$solved;
    $best += $optimum;
    $plan = (new Leveller($small, $reach, new Terms()))->level(60_000);
    $ours += intdiv($plan->after->late, Movable::UNITS_A_MINUTE);
    if (
        intdiv($plan->bound, Movable::UNITS_A_MINUTE) > $optimum ||
        intdiv($plan->after->late, Movable::UNITS_A_MINUTE) < $optimum
    ) {
        throw new LogicException("Case {$case}: the bound or the plan is below the optimum.");
    }
}
echo json_encode(
    [
        'milliseconds' => $times[60_000],
        'few' => $times[20_000],
        'before' => $levelled->before->late / Movable::UNITS_A_MINUTE / 60,
        'after' => $levelled->after->late / Movable::UNITS_A_MINUTE / 60,
        'bound' => $levelled->bound / Movable::UNITS_A_MINUTE / 60,
        'moves' => count($levelled->moves),
        'solved' => $solved,
        'ours' => $ours,
        'best' => $best,
    ],
    JSON_THROW_ON_ERROR,
);
