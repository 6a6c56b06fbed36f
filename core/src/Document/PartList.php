<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\DueIn;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\FollowUp\SetPriority;
use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\Limit\LoadRatioAtMost;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Method\Method;
use OpenBaton\Core\Rulebook\Method\Open;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\AskPerson;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Otherwise\OpenToTeam;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\Except;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Pool\SkilledPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Pool\Union;

/** Every kind of part of a rule, by the family it belongs to. */
final class PartList
{
    /** @var list<class-string<Pool>> */
    public const POOLS = [NamedPeople::class, TeamMembers::class, SkilledPeople::class, PersonInField::class, Union::class, Except::class];

    /** @var list<class-string<Method>> */
    public const METHODS = [RoundRobin::class, LightestLoad::class, InOrder::class, SamePerson::class, Open::class];

    /** @var list<class-string<Limit>> */
    public const LIMITS = [SkillAtLeast::class, OpenTasksAtMost::class, LoadRatioAtMost::class];

    /** @var list<class-string<Otherwise>> */
    public const OTHERWISES = [NextRule::class, WaitUnplaced::class, AskPerson::class, OpenToTeam::class];

    /** @var list<class-string<FollowUp>> */
    public const FOLLOW_UPS = [DueIn::class, SetPriority::class, AddTag::class];

    /**
     * Reads the part that $node is one of, by its "kind".
     *
     * @template T of Part
     *
     * @param list<class-string<T>> $family
     *
     * @return T
     */
    public static function read(Node $node, array $family): Part
    {
        $kind = $node->get('kind')->text();
        foreach ($family as $class) {
            if ($class::kind() === $kind) {
                return $class::read($node);
            }
        }

        throw $node->get('kind')->fail("\"{$kind}\" is not one of: ".implode(', ', array_map(
            static fn(string $class): string => $class::kind(),
            $family,
        )).'.');
    }
}
