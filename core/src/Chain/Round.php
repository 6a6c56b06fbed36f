<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\ReachesOthers;

/**
 * Which rules of a chain brought about what others then answered: those that go round, without those that only acted
 * beside them.
 */
final readonly class Round
{
    /** @param list<Link> $links of the chain, those that are settled decided upon */
    public function __construct(private array $links, private Router $router) {}

    /**
     * The rules that led from a rule back to it.
     *
     * @param int $number of the link on which it would act once more
     *
     * @return list<string> ids in the order in which they acted
     */
    public function backTo(string $ruleId, int $number): array
    {
        $round = $next = [$ruleId];
        for ($link = $number; $this->links[$link]->causedBy !== null; $link = $this->links[$link]->causedBy) {
            $next = $this->behind($link, $next);
            if (in_array($ruleId, $next, true)) {
                break;
            }
            $round = [...$next, ...$round];
        }

        return array_values(array_unique([$ruleId, ...$round]));
    }

    /**
     * The rules that act again and again on the way to a link; all on that way where none does.
     *
     * @return list<string> ids in the order in which they first acted
     */
    public function repeatedUntil(int $number): array
    {
        $times = [];
        $next = [];
        for ($link = $number; $this->links[$link]->causedBy !== null; $link = $this->links[$link]->causedBy) {
            $next = $this->behind($link, $next);
            foreach ($next as $id) {
                $times = [$id => 1 + ($times[$id] ?? 0)] + $times;
            }
        }
        $again = array_filter($times, static fn(int $count): bool => $count > 1);

        return array_map(strval(...), array_keys($again === [] ? $times : $again));
    }

    /**
     * @param list<string> $next rules that answered the link; none: it is not known which
     *
     * @return list<string> ids of the rules without which they would not have
     */
    private function behind(int $link, array $next): array
    {
        $parent = $this->links[$link]->causedBy;
        $decision = $parent === null ? null : $this->links[$parent]->decision;
        if ($decision === null) {
            return [];
        }
        $acted = $decision->acted();
        $needed = array_filter(
            $acted,
            fn(int $position): bool => $this->isNeeded($decision, $position, $this->links[$link]->change, $next),
        );
        $rules = $this->router->rulebook->rulebook->rules;

        return array_map(
            static fn(int $position): string => $rules[$position]->id,
            array_values($needed === [] ? $acted : $needed),
        );
    }

    /** @param list<string> $next */
    private function isNeeded(Decision $decision, int $position, ChangeSet $change, array $next): bool
    {
        $effects = $decision->effectsOf[$position] ?? [];
        $before = $change->before;
        if ($before === null || $before->id !== $decision->change->after->id) {
            return array_filter(
                $effects,
                static fn(Effect $one): bool => $one instanceof ReachesOthers && $one->broughtAbout($change),
            ) !== [];
        }
        $after = $this->router->settled($decision->appliedWithout($position, $before));
        if ($after->equals($before)) {
            return true;
        }
        $otherwise = new ChangeSet(
            $change->id,
            $change->at,
            $before,
            $after,
            $this->router->facts->of($before, $after, $change->at),
            Cause::FollowUp,
        );
        foreach ($this->router->rulebook->holding($otherwise) as $rule) {
            $next = array_diff($next, [$rule->id]);
        }

        return $next !== [];
    }
}
