<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

use InvalidArgumentException;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Time\WorkingHours;

final readonly class Person
{
    public const HIGHEST_LEVEL = 3;

    public const MOST_OPEN_TASKS = 1000;

    public const MOST_ATTRIBUTES = 30;

    /** As $pausedUntil: paused until somebody ends it. */
    public const UNTIL_FURTHER_NOTICE = PHP_INT_MAX;

    /**
     * @param array<string, int> $skills      level 1 to 3 by skill id
     * @param int|null           $memberFrom  instant; null: has always been here
     * @param int|null           $memberUntil instant at which the person is no longer here; null: stays
     * @param int|null           $pausedUntil instant until which no new work is taken in; null: not paused
     * @param int|null           $openTasksAtMost where a rule limits open tasks, never more than these
     * @param list<string>       $attributes what else is to be known of them, such as a language
     * @param string|null        $place      where in the tree of places they work
     * @param array<string, string|int|float|bool|list<string>> $fields values of the fields that the house keeps of
     *     people, by path
     */
    public function __construct(
        public string $id,
        public string $name,
        public WorkingHours $hours,
        public Capacity $capacity,
        public array $skills = [],
        public bool $active = true,
        public ?int $memberFrom = null,
        public ?int $memberUntil = null,
        public ?int $pausedUntil = null,
        public ?int $openTasksAtMost = null,
        public array $attributes = [],
        public ?string $place = null,
        public array $fields = [],
    ) {
        foreach ($skills as $skill => $level) {
            if ($level < 1 || $level > self::HIGHEST_LEVEL) {
                throw new Refusal('The level of skill "{skill}" is 1, 2 or 3.', skill: $skill);
            }
        }
        if ($memberFrom !== null && $memberUntil !== null && $memberUntil <= $memberFrom) {
            throw new InvalidArgumentException('The last day of a person is not before the first.');
        }
    }

    /** Whether no new work is to come to them at an instant. */
    public function isPausedAt(int $at): bool
    {
        return $this->pausedUntil !== null && $at < $this->pausedUntil;
    }

    public function has(string $attribute): bool
    {
        return in_array($attribute, $this->attributes, true);
    }

    /** 0 where the person does not have the skill. */
    public function level(string $skill): int
    {
        return $this->skills[$skill] ?? 0;
    }
}
