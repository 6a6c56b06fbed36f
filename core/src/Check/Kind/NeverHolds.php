<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Rulebook\Rule;

/** There are no values with which the criteria hold. It does not see that a value which may be is never given. */
final class NeverHolds implements Check
{
    public static function code(): string
    {
        return 'never_holds';
    }

    public function find(Examination $of): iterable
    {
        foreach ($of->rules as $position => $rule) {
            if ($of->terms($position)?->isEmpty() === true) {
                yield new Finding(self::code(), Certainty::Certain, $rule->id, [], self::words($of, $rule));
            }
        }
    }

    /** @return list<string> the one part, or the two, that can't hold; else all of it */
    private static function words(Examination $of, Rule $rule): array
    {
        $criteria = $rule->criteria;
        $arrivals = Examination::isOfArrivals($rule);
        if (!($criteria instanceof Group) || $criteria->kind !== GroupKind::All) {
            return ['/if'];
        }
        foreach ($criteria->parts as $place => $part) {
            if ($of->termsOf($part, $arrivals)?->isEmpty() === true) {
                return ["/if/all/{$place}"];
            }
        }
        foreach ($criteria->parts as $place => $part) {
            foreach (array_slice($criteria->parts, 0, $place) as $other => $earlier) {
                $both = new Group(GroupKind::All, [$earlier, $part]);
                if ($of->termsOf($both, $arrivals)?->isEmpty() === true) {
                    return ["/if/all/{$other}", "/if/all/{$place}"];
                }
            }
        }

        return ['/if'];
    }
}
