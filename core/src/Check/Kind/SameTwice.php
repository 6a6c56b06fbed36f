<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\EventCover;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\Remedy;
use OpenBaton\Core\Check\RemedyKind;
use OpenBaton\Core\Check\Values\Terms;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Rule;

/**
 * Two rules wait for the same, with criteria that imply each other, and give the same way: certain. Where they give
 * differently, and the first does not leave it to the next, it is likely that one of them is meant to be another.
 */
final class SameTwice implements Check
{
    public static function code(): string
    {
        return 'same_twice';
    }

    public function find(Examination $of): iterable
    {
        $all = $of->holding();
        foreach ($all as $position => $terms) {
            $rule = $of->rules[$position];
            if ($rule->give === null) {
                continue;
            }
            // Whatever is equivalent meets each of its terms.
            foreach (array_keys($of->giving(false)->meeting($terms->all[0], $position)) as $above) {
                $other = $of->rules[$above];
                if (
                    $other->give === null ||
                    $other->give->seat !== $rule->give->seat ||
                    !EventCover::inCommon($rule, $other) ||
                    !$terms->isWithin($all[$above]) ||
                    !$all[$above]->isWithin($terms)
                ) {
                    continue;
                }
                $alike = self::manner($rule, $rule->give) === self::manner($other, $other->give);
                if ($alike || !($other->give->otherwise instanceof NextRule)) {
                    yield new Finding(
                        self::code(),
                        $alike ? Certainty::Certain : Certainty::Likely,
                        $rule->id,
                        [$other->id],
                        ['/if', '/give'],
                        ['alike' => $alike ? 'true' : 'false'],
                        $alike ? new Remedy(RemedyKind::TakeOutRule, $rule->id) : null,
                    );
                }
            }
        }
    }

    private static function manner(Rule $rule, Give $give): string
    {
        return json_encode(
            [
                PartFormat::write($give->pool),
                PartFormat::write($give->method),
                array_map(PartFormat::write(...), $give->limits),
                array_map(PartFormat::write(...), $rule->followUps),
                $give->anew,
                $give->substitutes,
            ],
            JSON_THROW_ON_ERROR,
        );
    }
}
