<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use LogicException;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Limit\FinishBeforeDue;
use OpenBaton\Core\Rulebook\Limit\LoadRatioAtMost;
use OpenBaton\Core\Rulebook\Limit\NoAbsenceBeforeFinish;
use OpenBaton\Core\Rulebook\Limit\OnNow;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\BestMatch;
use OpenBaton\Core\Rulebook\Method\EarliestFinish;
use OpenBaton\Core\Rulebook\Method\Everyone;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Method\Method;
use OpenBaton\Core\Rulebook\Method\Open;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Otherwise\AskLead;
use OpenBaton\Core\Rulebook\Otherwise\DropLimit;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Otherwise\OpenToTeam;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\Except;
use OpenBaton\Core\Rulebook\Pool\Intersection;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Pool\SkilledPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Pool\Union;
use OpenBaton\Core\Rulebook\Pool\Weighted;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\World\Arrives;
use OpenBaton\Core\World\World;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A small world of everything the core knows, drawn from a seed. */
final class RandomWorld
{
    use Dice;
    use RandomArrivals;
    use RandomPeople;

    private const SKILLS = ['brass' => 'Brass', 'keys' => 'Keys'];

    private readonly int $start;

    /** @var list<string> */
    private array $ids = [];

    private function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->start = Build::at('2026-03-02T09:00:00Z');
    }

    public static function of(int $seed): World
    {
        return (new self($seed))->world();
    }

    /** @return list<ChangeSet> */
    public static function arrivals(World $world): array
    {
        return array_map(
            static fn(Arrives $event): ChangeSet => $event->change,
            array_values(array_filter($world->events, static fn(object $event): bool => $event instanceof Arrives)),
        );
    }

    private function world(): World
    {
        $people = [];
        for ($number = $this->pick(2, 9); $number > 0; --$number) {
            $people[] = $this->person("p{$number}");
            $this->ids[] = "p{$number}";
        }
        $roster = new Roster(Build::calendar(), $people, $this->teams(), self::SKILLS, $this->absences());
        $rules = [];
        for ($number = $this->pick(1, 8); $number > 0; --$number) {
            $rules[] = $this->rule("r{$number}");
        }
        $items = [];
        for ($number = $this->pick(0, 12); $number > 0; --$number) {
            $items[] = Build::item(
                "w{$number}",
                $this->id(),
                $this->pick(1, 20) * 30,
                $this->chance(50) ? '2026-03-04 12:00' : null,
            );
        }
        $events = [];
        $at = $this->start;
        for ($number = 0; $number < 12; ++$number) {
            $at += $this->pick(0, 4) * 1800;
            $events[] = new Arrives($this->event("e{$number}", $at));
        }

        return new World(
            $this->start,
            $roster,
            new Rulebook(Build::fields(), $rules),
            new Rotations(),
            Work::of($items),
            $events,
        );
    }

    private function rule(string $id): Rule
    {
        $parts = [];
        if ($this->chance(50)) {
            $parts[] = ['field' => 'task.kind', 'op' => 'is', 'value' => $this->one(self::TASK_KINDS)];
        }
        if ($this->chance(30)) {
            $parts[] = [
                'any' => [
                    ['field' => 'task.rush', 'op' => 'is', 'value' => true],
                    ['field' => 'task.count', 'op' => 'at_least', 'value' => $this->pick(1, 5)],
                ],
            ];
        }
        if ($this->chance(20)) {
            $parts[] = [
                'field' => 'task.kind',
                'op' => 'one_of',
                'value' => [$this->one(self::TASK_KINDS), $this->one(self::TASK_KINDS)],
            ];
        }
        $limits = [];
        if ($this->chance(30)) {
            $limits[] = new OpenTasksAtMost($this->pick(1, 4));
        }
        if ($this->chance(30)) {
            $limits[] = new SkillAtLeast('brass', $this->pick(1, 3));
        }
        if ($this->chance(20)) {
            $limits[] = new LoadRatioAtMost($this->pick(10, 90));
        }
        if ($this->chance(30)) {
            $limits[] = $this->one([new OnNow(), new FinishBeforeDue(), new NoAbsenceBeforeFinish()]);
        }

        $rule = Build::rule(
            $id,
            $this->pool(),
            $this->method(),
            ['all' => $parts],
            $limits,
            $limits !== [] && $this->chance(30) ? new DropLimit($this->one($limits)::kind()) : $this->otherwise(),
            active: $this->chance(90),
            validFrom: $this->chance(10) ? $this->moment() : null,
        );

        return $this->chance(30) ? self::withSubstitutes($rule) : $rule;
    }

    private static function withSubstitutes(Rule $rule): Rule
    {
        $give = $rule->give ?? throw new LogicException('It gives.');

        return new Rule(
            $rule->id,
            $rule->name,
            $rule->events,
            $rule->criteria,
            new Give($give->pool, $give->method, $give->limits, $give->otherwise, substitutes: true),
            active: $rule->active,
            validFrom: $rule->validFrom,
        );
    }

    private function otherwise(): Otherwise
    {
        return $this->one([
            new NextRule(),
            new NextRule(),
            new NextRule(),
            new WaitUnplaced(),
            new OpenToTeam('small'),
            new AskLead('small'),
        ]);
    }

    private function pool(): Pool
    {
        return $this->one([
            new TeamMembers('small'),
            new TeamMembers('all', true, false),
            new SkilledPeople('brass', 2),
            new NamedPeople([$this->id()]),
            new PersonInField('case.owner'),
            new Union([new NamedPeople([$this->id()]), new TeamMembers('small')]),
            new Except(new TeamMembers('all'), new PersonInField('case.owner')),
            new Weighted(new TeamMembers('all'), [$this->id()], $this->pick(1, 300)),
            new SkilledPeople('brass', 1, true),
            new Intersection([new TeamMembers('all'), new SkilledPeople('brass', 1)]),
        ]);
    }

    private function method(): Method
    {
        return $this->one([
            new RoundRobin('ring'),
            new RoundRobin('ring'),
            new RoundRobin('other'),
            new RoundRobin('ring', 2),
            new EarliestFinish(),
            new BestMatch('brass', idleWeight: $this->pick(0, 3)),
            new LightestLoad(),
            new InOrder(),
            new Open(),
            new Everyone($this->chance(50)),
        ]);
    }

    private function moment(): int
    {
        return $this->start + $this->pick(-20, 40) * 1800;
    }

    private function id(): string
    {
        return $this->one($this->ids);
    }
}
