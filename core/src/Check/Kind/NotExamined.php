<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;

/** The criteria are so much nested that no check looks at them. */
final class NotExamined implements Check
{
    public static function code(): string
    {
        return 'not_examined';
    }

    public function find(Examination $of): iterable
    {
        foreach ($of->rules as $position => $rule) {
            if ($of->terms($position) === null) {
                yield new Finding(self::code(), Certainty::Note, $rule->id, [], ['/if']);
            }
        }
    }
}
