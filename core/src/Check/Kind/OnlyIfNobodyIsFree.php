<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\Shadow;

/** Rules above take all that the rule would get, unless they find nobody. */
final class OnlyIfNobodyIsFree implements Check
{
    public static function code(): string
    {
        return 'only_if_nobody_is_free';
    }

    public function find(Examination $of): iterable
    {
        $shadow = new Shadow($of);
        foreach ($of->holding() as $position => $terms) {
            $rule = $of->rules[$position];
            $by = $shadow->over($position, $rule, $terms, false);
            if ($by !== null && $shadow->over($position, $rule, $terms, true) === null) {
                yield new Finding(
                    self::code(),
                    Certainty::Note,
                    $rule->id,
                    array_map(static fn(int $one): string => $of->rules[$one]->id, $by),
                    ['/if'],
                );
            }
        }
    }
}
