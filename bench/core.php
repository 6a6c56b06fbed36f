<?php

declare(strict_types=1);

/*
 * Decisions a second of the core alone, with 200 people and 200 rules, and the
 * same with 2,000 rules, and with 1,000 about tasks and as many about cases and
 * customers besides; both also with what is kept of each decision written as
 * JSON, and how many bytes that is. Prints JSON.
 */

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\TaskFormat;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__ . '/../vendor/autoload.php';

const KINDS = 12;
const TIERS = ['ensemble', 'school', 'private'];

require __DIR__ . '/documents.php';

/** Of this process: what other processes do on the machine does not count. */
function cpuSeconds(): float
{
    $usage = getrusage();

    $part = static fn(string $name): float => is_int($usage[$name] ?? null) ? (float) $usage[$name] : 0.0;

    return $part('ru_utime.tv_sec') +
        $part('ru_utime.tv_usec') / 1e6 +
        $part('ru_stime.tv_sec') +
        $part('ru_stime.tv_usec') / 1e6;
}

/** @return list<ChangeSet> four in five for a rule of their own: its kind, site, and one of its tiers */
function arrivals(
    int $rules,
    int $events,
    CompiledRulebook $rulebook,
    Roster $roster,
    Randomizer $random,
    int $start,
): array {
    $list = [];
    for ($number = 0; $number < $events; ++$number) {
        $rule = $random->getInt(0, $rules - 2);
        $own = $random->getInt(1, 5) <= 4;
        $at = $start + intdiv($number, 20);
        $facts = new Facts(
            TaskFormat::values(
                Node::root([
                    'task.kind' => 'k' . ($own ? $rule % KINDS : $random->getInt(0, KINDS - 1)),
                    'customer.site' => 'site' . intdiv($rule, 4),
                    'customer.tier' => TIERS[$rule % 3],
                    'task.value' => $random->getInt(0, 100),
                ]),
                $rulebook->rulebook->fields,
                $roster,
            ),
            $roster->house->zone()->dateAt($at),
        );
        $list[] = new ChangeSet("e{$number}", $at, null, new TaskSubject("n{$number}", $at, new Effort(0, 30)), $facts);
    }

    return $list;
}

/** @return list<WorkItem> about eight for each */
function workInHand(Randomizer $random, int $start): array
{
    $items = [];
    for ($number = 0; $number < 1600; ++$number) {
        $items[] = new WorkItem(
            "w{$number}",
            'p' . $random->getInt(0, 199),
            TaskStatus::New,
            Priority::Normal,
            new Effort(0, $random->getInt(1, 12) * 15),
            $start - $number * 600,
            null,
            $start + $random->getInt(1, 200) * 3600,
        );
    }

    return $items;
}

/**
 * Rules about tasks, and between them as many about cases and customers, with criteria of the same fields.
 *
 * @return array<string, mixed>
 */
function mixedDocument(int $rules): array
{
    $document = rulebookDocument($rules);
    $mixed = [];
    foreach ((array) $document['rules'] as $number => $rule) {
        $mixed[] = $rule;
        $mixed[] = [
            'id' => "other-{$number}",
            'name' => "Other {$number}",
            'when' => [
                [
                    ['kind' => 'case_opens'],
                    ['kind' => 'tag_on', 'tags' => ['a'], 'of' => 'case'],
                    ['kind' => 'field_changes', 'change' => ['field' => 'customer.tier'], 'of' => 'case'],
                    ['kind' => 'field_changes', 'change' => ['field' => 'customer.tier'], 'of' => 'customer'],
                ][(int) $number % 4],
            ],
            'if' => ['field' => 'customer.tier', 'op' => 'is', 'value' => TIERS[(int) $number % 3]],
            'then' => [['kind' => 'tag', 'tag' => 'b']],
        ];
    }

    return ['rules' => $mixed] + $document;
}

/**
 * @param array<string, mixed>|null $document of the rulebook; null: of as many rules as said
 *
 * @return array{float, int} decisions a second of processor time, and bytes kept of each on average
 */
function measure(int $rules, int $events, bool $trace, ?array $document = null): array
{
    $roster = RosterFormat::read(Node::root(rosterDocument()));
    $document ??= rulebookDocument($rules);
    $rulebook = CompiledRulebook::compile(RulebookFormat::read(Node::root($document)), 'bench');
    $router = new Router($roster, $rulebook);
    $random = new Randomizer(new Mt19937(1));
    $start = 1772442000;
    $items = workInHand($random, $start);
    $work = Work::of($items);
    $list = arrivals($rules, $events, $rulebook, $roster, $random, $start);

    // What is compiled when it is first asked has been asked long ago where many decisions are made.
    foreach (array_keys($rulebook->rulebook->rules) as $position) {
        $rulebook->criteria($position);
    }
    $rotations = new Rotations();
    $bytes = 0;
    $begin = cpuSeconds();
    foreach ($list as $number => $event) {
        $decision = $router->decide($event, $work, $rotations);
        // Work comes and goes: the load stays that of about eight tasks each.
        $work = $number % 400 === 399 ? Work::of($items) : $decision->workAfter($work);
        $rotations = $decision->rotationsAfter($rotations);
        if ($trace) {
            $bytes +=
                strlen((string) json_encode(DecisionRecord::of($decision))) +
                strlen((string) json_encode(FactsFormat::values($event->facts, $rulebook->rulebook->fields)));
        }
    }

    return [$events / (cpuSeconds() - $begin), intdiv($bytes, $events)];
}

measure(200, 3000, false);
$best = ['rules_200' => 0.0, 'rules_2000' => 0.0, 'traced_200' => 0.0, 'traced_2000' => 0.0];
$best += ['of_tasks' => 0.0, 'mixed' => 0.0];
$bytes = 0;
// In turns, and the best of each: a busy machine slows some rounds, none are too fast.
for ($round = 0; $round < 3; ++$round) {
    foreach (['200' => 200, '2000' => 2000] as $name => $rules) {
        $best["rules_{$name}"] = max($best["rules_{$name}"], measure($rules, 8000, false)[0]);
        [$rate, $kept] = measure($rules, 8000, true);
        $best["traced_{$name}"] = max($best["traced_{$name}"], $rate);
        $bytes = $rules === 200 ? $kept : $bytes;
    }
    $best['of_tasks'] = max($best['of_tasks'], measure(1000, 8000, false)[0]);
    $best['mixed'] = max($best['mixed'], measure(1000, 8000, false, mixedDocument(1000))[0]);
}
echo json_encode(array_map(round(...), $best) + ['bytes' => $bytes]), "\n";
