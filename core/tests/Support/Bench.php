<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Exclusion;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Routing\RuleVerdict;
use OpenBaton\Core\Routing\Step;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\Work;

/** The brass bench on Monday 2 March 2026 at 10:00: Callum is away that week, Tobias stands in, Greta is inactive. */
final class Bench
{
    public static function house(): Roster
    {
        return new Roster(
            Build::calendar(),
            [
                Build::person('ayumi', ['brass' => 3]),
                Build::person('femi', ['brass' => 2]),
                Build::person('callum', ['brass' => 3]),
                Build::person('tobias', ['strings' => 2]),
                Build::person('greta', active: false),
            ],
            [
                new Team('workshop', 'Workshop', Build::members('tobias'), null, 'tobias'),
                new Team(
                    'brass',
                    'Brass bench',
                    [new Membership('ayumi'), new Membership('femi'), new Membership('callum')],
                    'workshop',
                    'ayumi',
                ),
            ],
            ['brass' => 'Brass', 'strings' => 'Strings'],
            [Build::absence('callum', '2026-03-02', '2026-03-07', ['tobias'])],
        );
    }

    /** @param list<Rule> $rules */
    public static function decide(
        array $rules,
        ?ChangeSet $event = null,
        ?Work $work = null,
        ?Rotations $rotations = null,
        ?Roster $roster = null,
    ): Decision {
        $rulebook = CompiledRulebook::compile(new Rulebook(Build::fields(), $rules), 'v1');

        return (new Router($roster ?? self::house(), $rulebook))->decide(
            $event ?? Build::event(),
            $work ?? Work::of([]),
            $rotations ?? new Rotations(),
        );
    }

    /** @return list<string> */
    public static function verdicts(Decision $decision): array
    {
        return array_map(static fn(RuleVerdict $verdict): string => $verdict->verdict->value, $decision->verdicts());
    }

    /** @return array<string, list<string>> who was kept, by step */
    public static function narrowing(Decision $decision, int $position = 0): array
    {
        $kept = [];
        foreach ($decision->attempts[$position]->steps as $step) {
            $kept[$step->code] = array_map(static fn(Membership $member): string => $member->personId, $step->kept);
        }

        return $kept;
    }

    /** @return array<string, array<string, mixed>> reasons and figures by person */
    public static function excluded(Decision $decision, string $code): array
    {
        $step = array_values(
            array_filter($decision->attempts[0]->steps, static fn(Step $step): bool => $step->code === $code),
        )[0];

        return array_combine(
            array_map(static fn(Exclusion $one): string => $one->personId, $step->excluded),
            array_map(
                static fn(Exclusion $one): array => ['reasons' => $one->reasons] + $one->figures,
                $step->excluded,
            ),
        );
    }
}
