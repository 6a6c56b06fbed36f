<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

/** Something that a rule does where it acts. */
final readonly class RuleEffect
{
    /**
     * @param string $of      which one: a tag, the path of a field, a kind of task
     * @param string|int|float|bool|list<string>|null $value what it becomes; of a tag whether it is there; null: not
     *     known beforehand
     * @param string $pointer into the document of the rule
     * @param string $text    the same for two that do the same
     * @param bool   $steps   it goes on from what is there
     */
    public function __construct(
        public EffectTarget $target,
        public string $of,
        public string|int|float|bool|array|null $value,
        public string $pointer,
        public string $text,
        public bool $steps = false,
    ) {}

    /** Whether it is so afterwards, whatever was before. */
    public function isSure(): bool
    {
        return $this->value !== null &&
            in_array($this->target, [EffectTarget::Tag, EffectTarget::Field, EffectTarget::Priority], true);
    }

    /** Whether both are about one thing: the later of the two undoes the earlier. */
    public function isOfSame(self $other): bool
    {
        return $this->target === $other->target && $this->of === $other->of && $this->target->holdsOne();
    }
}
