<?php

declare(strict_types=1);

namespace OpenBaton\Core\Table;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\Family;

/** A place of a rule whose value another rule, that is otherwise alike, may have otherwise. */
final readonly class RuleCell
{
    /**
     * @param string         $pointer   into the rule document
     * @param mixed          $value     as documents have it; null: there is none
     * @param string|null    $field     path of the field that is compared, or set
     * @param string|null    $operator  of a comparison
     * @param Family|null    $family    of the part whose parameter it is
     * @param string|null    $kind      of that part
     * @param Parameter|null $parameter of it
     */
    public function __construct(
        public string $pointer,
        public mixed $value,
        public ?string $field = null,
        public ?string $operator = null,
        public ?Family $family = null,
        public ?string $kind = null,
        public ?Parameter $parameter = null,
    ) {}
}
