<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\FixedPool;
use OpenBaton\Core\Check\Remedy;
use OpenBaton\Core\Check\RemedyKind;
use OpenBaton\Core\Rulebook\FollowUp\SetsDue;
use OpenBaton\Core\Rulebook\Limit\FinishBeforeDue;
use OpenBaton\Core\Rulebook\Limit\LoadRatioAtMost;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\PersonWork;

/**
 * A limit that even one task of the usual effort is beyond: a load that nobody of the pool stays below with nothing
 * else to do; or that a task is finished before it is due, where the rule itself gives the due date and does so after
 * it has chosen. It is likely only, since a task may bring its own estimate.
 */
final class CannotBeMet implements Check
{
    public static function code(): string
    {
        return 'cannot_be_met';
    }

    public function find(Examination $of): iterable
    {
        $book = $of->roster === null ? null : new LoadBook($of->roster);
        foreach ($of->holding() as $position => $terms) {
            $rule = $of->rules[$position];
            $minutes = self::least($of, $position);
            foreach ($rule->give->limits ?? [] as $place => $limit) {
                $why = match (true) {
                    $limit instanceof FinishBeforeDue && self::setsDue($rule) => 'due',
                    $limit instanceof LoadRatioAtMost &&
                        $book !== null &&
                        $minutes !== null &&
                        self::isTooMuch($of->pools()[$position] ?? null, $limit, $minutes, $book, $of->now)
                        => 'load',
                    default => null,
                };
                if ($why !== null) {
                    yield new Finding(
                        self::code(),
                        Certainty::Likely,
                        $rule->id,
                        [],
                        ["/give/limits/{$place}"],
                        ['why' => $why, 'limit' => $limit::kind()],
                        new Remedy(RemedyKind::TakeOutPart, "/give/limits/{$place}"),
                    );
                }
            }
        }
    }

    private static function setsDue(Rule $rule): bool
    {
        return array_filter($rule->followUps, static fn(object $one): bool => $one instanceof SetsDue) !== [];
    }

    /** @return int|null the least usual effort, in minutes, of the kinds that the rule is for; null: not known */
    private static function least(Examination $of, int $position): ?int
    {
        $kinds = [];
        foreach ($of->terms($position)->all ?? [] as $term) {
            $named = $term->named('task.kind');
            if ($named === null) {
                return null;
            }
            array_push($kinds, ...$named);
        }
        $usual = array_map(
            static fn(string $kind): int => ($of->taskCatalogue->kinds[$kind] ?? null)->usualMinutes ?? 0,
            $kinds,
        );

        return $usual === [] ? null : min($usual);
    }

    private static function isTooMuch(
        ?FixedPool $pool,
        LoadRatioAtMost $limit,
        int $minutes,
        LoadBook $book,
        int $now,
    ): bool {
        $able = false;
        foreach ($pool->eligible ?? [] as $person) {
            $ratio = $book->plan($person->id, new PersonWork(), $now)->ratioWith($minutes, null);
            if ($ratio->capacity > 0 && !$ratio->exceedsPercent($limit->percent)) {
                return false;
            }
            $able = $able || $ratio->capacity > 0;
        }

        return $able;
    }
}
