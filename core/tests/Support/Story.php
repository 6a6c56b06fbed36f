<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\Checklist;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Rulebook\TaskKind;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Text\PlainWords;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\World\World;
use OpenBaton\Core\World\WorldState;

/** What happens to tasks of the bench: short ways to say it in tests. */
final class Story
{
    public const NOW = '2026-03-02T10:00:00Z';

    /** A task of Femi's, working, an hour's effort. */
    public static function task(string $id = 't1'): TaskSubject
    {
        return new TaskSubject(
            $id,
            Build::at('2026-03-01T09:00:00Z'),
            new Effort(0, 60),
            TaskStatus::Working,
            holderId: 'femi',
            fields: ['task.kind' => 'repair', 'task.title' => 'Horn'],
            customerId: 'band',
        );
    }

    /**
     * @param list<Rule>     $rules
     * @param list<Happened> $happened
     */
    public static function change(
        ?TaskSubject $before,
        TaskSubject $after,
        array $rules = [],
        array $happened = [],
        ?Roster $roster = null,
    ): ChangeSet {
        $facts = new ChangeFacts($roster ?? Bench::house(), Lookups::ofRulebook(new Rulebook(Build::fields(), $rules)));
        $at = Build::at(self::NOW);

        return new ChangeSet(
            'c1',
            $at,
            $before,
            $after,
            $facts->of($before, $after, $at),
            $before === null ? Cause::Intake : Cause::Person,
            $happened,
        );
    }

    /**
     * @param list<Rule>    $rules
     * @param list<TaskSubject> $others tasks that are there besides
     */
    public static function run(array $rules, ChangeSet $change, array $others = [], ?Roster $roster = null): ChainResult
    {
        $roster ??= Bench::house();
        $tasks = [...$others, ...$change->before === null ? [] : [$change->before]];
        $world = new World(
            $change->at,
            $roster,
            new Rulebook(Build::fields(), $rules),
            new Rotations(),
            Work::of([]),
            [],
            self::taskCatalogue(),
            $tasks,
        );

        return (new WorldState($world, 'v1'))->run($change);
    }

    public static function taskCatalogue(): TaskCatalogue
    {
        return new TaskCatalogue(
            ['quote' => new TaskKind('quote', 'Quote', 45, ['task.count' => 1])],
            ['bench' => new Checklist('bench', 'Bench', ['Photograph it', 'Play it'])],
            new PlainWords(Build::fields()),
        );
    }

    /**
     * What came of a chain, a line for each change set.
     *
     * @return list<string>
     */
    public static function told(ChainResult $chain): array
    {
        return array_map(static function (Link $link): string {
            $decision = $link->decision;
            $subject = $link->change->after;

            return implode(
                ' ',
                array_filter(
                    [
                        (string) $link->generation,
                        $subject->id,
                        $decision === null
                            ? 'nobody listens'
                            : $decision->decidingRule()->id ??
                                implode(
                                    '+',
                                    array_map(
                                        static fn(int $position): string => $decision->rulebook->rulebook->rules[
                                            $position
                                        ]->id,
                                        $decision->followedUp,
                                    ),
                                ),
                        $decision?->outcome->value,
                        $decision?->assigneeId,
                    ],
                    static fn(?string $part): bool => $part !== null && $part !== '',
                ),
            );
        }, $chain->links);
    }

    /** @param list<Rule> $rules */
    public static function router(array $rules, ?Roster $roster = null): Router
    {
        return new Router(
            $roster ?? Bench::house(),
            CompiledRulebook::compile(new Rulebook(Build::fields(), $rules), 'v1'),
            self::taskCatalogue(),
        );
    }
}
