<?php

declare(strict_types=1);

use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\Rehearsal;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Tests\Support\RandomStory;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\World\WorldState;

/** What came of a chain, tasks that were made by no name. */
function plainly(ChainResult $chain): string
{
    $subjects = array_map(
        static fn(Subject $one): string => (string) json_encode([
            $one instanceof TaskSubject ? $one->status : $one->id,
            $one->holderId,
            $one->tags,
            $one->fields,
        ]),
        array_values($chain->subjects),
    );

    $lines = (array) preg_replace('/\b(w\d)(\.\d+)+/', '$1.*', [...Story::told($chain), ...$subjects]);
    sort($lines);

    return implode("\n", $lines);
}

function appliedTo(TaskSubject $task, string $rule, Router $router, int $at, string $id): ChangeSet
{
    $facts = $router->facts->of($task, $task, $at);

    return new ChangeSet($id, $at, $task, $task, $facts, Cause::Person, [new Trigger(Trigger::APPLIED, $rule, $at)]);
}

it('comes to what would happen, chain after chain, while the house stays as it is', function (): void {
    $chains = $moved = 0;
    for ($seed = 0; $seed < max(80, intdiv((int) (getenv('WORLDS') ?: 2000), 20)); ++$seed) {
        $world = WorldFormat::read(Node::root(RandomStory::of($seed)));
        $router = new Router($world->roster, CompiledRulebook::compile($world->rulebook, 'v'), $world->taskCatalogue);
        $house = new WorldState($world, 'v');
        $happens = new WorldState($world, 'v');
        $rehearsal = new Rehearsal($router, $house);
        $before = serialize($house->tasks());
        foreach ($world->rulebook->rules as $rule) {
            foreach ($world->tasks as $number => $task) {
                $id = "{$rule->id}-{$number}";
                $real = $happens->run(appliedTo($happens->task($task->id), $rule->id, $router, $world->clock, $id));
                $tried = $rehearsal->run(appliedTo($rehearsal->subject($task), $rule->id, $router, $world->clock, $id));
                plainly($tried) === plainly($real) || $this->fail("Story {$seed}, {$id}:\n" . plainly($tried));
                $moved += count($real->links) > 1 ? 1 : 0;
                ++$chains;
            }
        }
        serialize($house->tasks()) === $before || $this->fail("Story {$seed} has happened.");
    }
    expect($chains)->toBeGreaterThan(1000)->and($moved)->toBeGreaterThan(300);
});
