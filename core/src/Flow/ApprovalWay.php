<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** How many of those who are asked have to say yes. */
enum ApprovalWay: string
{
    case OneOf = 'one_of';
    case All = 'all';
    case AtLeast = 'at_least';
    case InOrder = 'in_order';

    /** @param int $least who have to say yes, of at least so many */
    public function rule(int $least): ApprovalRule
    {
        return match ($this) {
            self::OneOf => ApprovalRule::oneOf(),
            self::All => ApprovalRule::all(),
            self::AtLeast => ApprovalRule::atLeast($least),
            self::InOrder => ApprovalRule::inOrder(),
        };
    }

    public static function of(ApprovalRule $rule): self
    {
        return match (true) {
            $rule->inOrder => self::InOrder,
            $rule->least === null => self::All,
            $rule->least === 1 => self::OneOf,
            default => self::AtLeast,
        };
    }
}
