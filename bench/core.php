<?php

declare(strict_types=1);

/*
 * Decisions a second of the core alone: 200 people, 200 rules, and the same
 * with 2,000 rules. Prints JSON: {"rules_200": n, "rules_2000": n, "traced_200": n}.
 */

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Routing\EventKind;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';

const KINDS = 12;
const TIERS = ['ensemble', 'school', 'private'];

/** @return array<string, mixed> 200 people in 20 teams of 10, each with two of ten skills, a tenth of them away */
function rosterDocument(): array
{
    $people = $teams = $absences = [];
    for ($number = 0; $number < 200; ++$number) {
        $people[] = ['id' => "p{$number}", 'name' => "Person {$number}", 'skills' => ['s'.$number % 10 => 1 + $number % 3, 's'.($number + 3) % 10 => 2]];
        if ($number % 10 === 3) {
            $absences[] = ['id' => "a{$number}", 'person' => "p{$number}", 'first' => '2026-03-02', 'last' => '2026-03-06', 'status' => 'approved'];
        }
    }
    for ($team = 0; $team < 20; ++$team) {
        $members = [];
        for ($seat = 0; $seat < 10; ++$seat) {
            $members[] = ['person' => 'p'.($team * 10 + $seat), 'weight' => $seat === 9 ? 50 : 100];
        }
        $teams[] = ['id' => "t{$team}", 'name' => "Team {$team}", 'members' => $members];
    }
    $week = ['from' => '2020-01-01'] + array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], ['09:00-13:00', '13:30-17:30']);

    return [
        'openbaton' => 'roster/1',
        'house' => ['zone' => 'Europe/Dublin', 'hours' => [$week]],
        'skills' => array_map(static fn(int $id): array => ['id' => "s{$id}", 'name' => "Skill {$id}"], range(0, 9)),
        'people' => $people,
        'teams' => $teams,
        'absences' => $absences,
    ];
}

/** @return array<string, mixed> each rule for one site of so many, of one kind and tier, by one of three methods within a limit of open tasks; a last one takes the rest */
function rulebookDocument(int $rules): array
{
    $list = [];
    for ($number = 0; $number < $rules - 1; ++$number) {
        $list[] = [
            'id' => "r{$number}",
            'name' => "Rule {$number}",
            'when' => ['task_arrives'],
            'if' => ['all' => [
                ['field' => 'task.kind', 'op' => 'is', 'value' => 'k'.$number % KINDS],
                ['field' => 'customer.site', 'op' => 'is', 'value' => 'site'.intdiv($number, 4)],
                ['field' => 'customer.tier', 'op' => 'one_of', 'value' => [TIERS[$number % 3], TIERS[($number + 1) % 3]]],
                ['field' => 'task.value', 'op' => 'at_least', 'value' => $number % 5 * 20],
            ]],
            'give' => [
                'pool' => ['kind' => 'team', 'team' => 't'.$number % 20],
                'method' => match ($number % 3) {
                    0 => ['kind' => 'round_robin', 'rotation' => 'ring'.$number % 20],
                    1 => ['kind' => 'lightest_load'],
                    default => ['kind' => 'in_order'],
                },
                'limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 60]],
            ],
            'then' => [['kind' => 'due_in', 'working_time' => 'PT8H']],
        ];
    }
    $list[] = [
        'id' => 'rest',
        'name' => 'The rest',
        'when' => ['task_arrives'],
        'give' => ['pool' => ['kind' => 'team', 'team' => 't0'], 'method' => ['kind' => 'round_robin', 'rotation' => 'rest']],
    ];

    return [
        'openbaton' => 'rulebook/1',
        'fields' => [
            ['path' => 'task.kind', 'label' => 'Kind', 'type' => 'one_of', 'options' => array_map(static fn(int $kind): array => ['value' => "k{$kind}", 'label' => "Kind {$kind}"], range(0, KINDS - 1))],
            ['path' => 'customer.site', 'label' => 'Site', 'type' => 'text'],
            ['path' => 'customer.tier', 'label' => 'Tier', 'type' => 'one_of', 'options' => array_map(static fn(string $tier): array => ['value' => $tier, 'label' => $tier], TIERS)],
            ['path' => 'task.value', 'label' => 'Value', 'type' => 'money'],
        ],
        'rules' => $list,
    ];
}

/** Of this process: what other processes do on the machine does not count. */
function cpuSeconds(): float
{
    $usage = getrusage();

    return $usage === false ? 0.0 : $usage['ru_utime.tv_sec'] + $usage['ru_utime.tv_usec'] / 1e6 + $usage['ru_stime.tv_sec'] + $usage['ru_stime.tv_usec'] / 1e6;
}

/** @return array{float, array<string, int>} decisions a second of processor time, and how they were decided */
function measure(int $rules, int $events, bool $trace): array
{
    $roster = RosterFormat::read(Node::root(rosterDocument()));
    $rulebook = CompiledRulebook::compile(RulebookFormat::read(Node::root(rulebookDocument($rules))), 'bench');
    $router = new Router($roster, $rulebook);
    $random = new Randomizer(new Mt19937(1));
    $start = 1772442000;

    $items = [];
    for ($number = 0; $number < 1600; ++$number) {
        $items[] = new WorkItem("w{$number}", 'p'.$random->getInt(0, 199), TaskStatus::New, Priority::Normal, new Effort(0, $random->getInt(1, 12) * 15), $start - $number * 600, null, $start + $random->getInt(1, 200) * 3600);
    }
    $work = Work::of($items);
    $list = [];
    for ($number = 0; $number < $events; ++$number) {
        // Four in five are for a rule of their own: its kind, site, and one of its tiers.
        $rule = $random->getInt(0, $rules - 2);
        $own = $random->getInt(1, 5) <= 4;
        $at = $start + intdiv($number, 20);
        $list[] = new Event("e{$number}", EventKind::TaskArrives, $at, "n{$number}", WorldFormat::facts(Node::root([
            'task.kind' => 'k'.($own ? $rule % KINDS : $random->getInt(0, KINDS - 1)),
            'customer.site' => 'site'.intdiv($rule, 4),
            'customer.tier' => TIERS[$rule % 3],
            'task.value' => $random->getInt(0, 100),
        ]), $rulebook->rulebook->fields, $roster, $at), new Effort(0, 30));
    }

    // What is compiled when it is first asked has been asked long ago where many decisions are made.
    foreach (array_keys($rulebook->rulebook->rules) as $position) {
        $rulebook->criteria($position);
    }
    $rotations = new Rotations();
    $outcomes = ['by a rule of its own' => 0, 'by the last rule' => 0];
    $begin = cpuSeconds();
    foreach ($list as $number => $event) {
        $decision = $router->decide($event, $work, $rotations);
        // Work comes and goes: the load stays that of about eight tasks each.
        if ($number % 400 !== 399) {
            $work = $decision->workAfter($work);
        } else {
            $work = Work::of($items);
        }
        $rotations = $decision->rotationsAfter($rotations);
        ++$outcomes[$decision->decidedBy === $rules - 1 ? 'by the last rule' : 'by a rule of its own'];
        if ($trace) {
            json_encode(DecisionFormat::write($decision));
        }
    }

    return [$events / (cpuSeconds() - $begin), $outcomes];
}

measure(200, 3000, false);
$small = $large = $traced = 0.0;
$outcomes = [];
// In turns, and the best of each: a busy machine slows some rounds, none are too fast.
for ($round = 0; $round < 3; ++$round) {
    [$rate, $outcomes] = measure(200, 10000, false);
    $small = max($small, $rate);
    $large = max($large, measure(2000, 10000, false)[0]);
    $traced = max($traced, measure(200, 300, true)[0]);
}
echo json_encode(['rules_200' => round($small), 'rules_2000' => round($large), 'traced_200' => round($traced), 'outcomes' => $outcomes]), "\n";
