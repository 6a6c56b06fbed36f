<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\ClearField;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\FollowUp\GiveOwner;
use OpenBaton\Core\Rulebook\FollowUp\RemoveTag;
use OpenBaton\Core\Rulebook\FollowUp\SetField;
use OpenBaton\Core\Rulebook\FollowUp\SetPriority;
use OpenBaton\Core\Rulebook\FollowUp\SetsDue;
use OpenBaton\Core\Rulebook\FollowUp\SetStatus;
use OpenBaton\Core\Rulebook\FollowUp\StepPriority;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\SeatName;

/** What a rule does where it acts, as far as other rules can see it. */
final class RuleEffects
{
    /** @return list<RuleEffect> in order; whom it gives to first */
    public static function of(Rule $rule): array
    {
        $effects = [];
        if ($rule->give !== null) {
            $seat = $rule->give->seat === SeatName::Holder ? EffectTarget::Holder : EffectTarget::Reviewer;
            $effects[] = new RuleEffect($seat, '', null, '/give', 'give');
        }
        foreach ($rule->followUps as $place => $followUp) {
            $effect = self::ofFollowUp($followUp, "/then/{$place}");
            if ($effect !== null) {
                $effects[] = $effect;
            }
        }

        return $effects;
    }

    private static function ofFollowUp(FollowUp $followUp, string $pointer): ?RuleEffect
    {
        $text = json_encode(PartFormat::write($followUp), JSON_THROW_ON_ERROR);
        return match (true) {
            $followUp instanceof SetsDue => new RuleEffect(EffectTarget::Due, '', null, $pointer, $text),
            $followUp instanceof SetPriority => new RuleEffect(
                EffectTarget::Priority,
                '',
                $followUp->priority->value,
                $pointer,
                $text,
            ),
            $followUp instanceof StepPriority => new RuleEffect(
                EffectTarget::Priority,
                '',
                null,
                $pointer,
                $text,
                true,
            ),
            $followUp instanceof SetStatus => new RuleEffect(
                EffectTarget::Status,
                '',
                $followUp->status->value,
                $pointer,
                $text,
            ),
            $followUp instanceof AddTag => new RuleEffect(
                EffectTarget::Tag,
                self::tag($followUp->tag),
                true,
                $pointer,
                $text,
            ),
            $followUp instanceof RemoveTag => new RuleEffect(
                EffectTarget::Tag,
                self::tag($followUp->tag),
                false,
                $pointer,
                $text,
            ),
            $followUp instanceof SetField => new RuleEffect(
                EffectTarget::Field,
                $followUp->set->field->path,
                $followUp->set->value,
                $pointer,
                $text,
            ),
            $followUp instanceof ClearField => new RuleEffect(
                EffectTarget::Field,
                $followUp->cleared,
                [],
                $pointer,
                $text,
            ),
            $followUp instanceof GiveOwner => new RuleEffect(
                EffectTarget::Field,
                'customer.owner',
                null,
                $pointer,
                $text,
            ),
            $followUp instanceof CreateTask => new RuleEffect(
                EffectTarget::NewTask,
                $followUp->taskKind,
                null,
                $pointer,
                $text,
            ),
            default => null,
        };
    }

    private static function tag(string $tag): string
    {
        return mb_strtolower(trim($tag));
    }
}
