<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

use OpenBaton\Core\Refusal;

/**
 * In what load is measured: minutes of effort, tasks, or a number field of tasks. It is counted in whole parts: a
 * minute is one, a task or one of the field a hundred.
 */
final readonly class LoadMeasure
{
    public const PARTS = 100;

    /** Parts that one task may come to at most, and somebody can do on a day. */
    public const MOST = 10_000 * self::PARTS;

    /**
     * @param string|null $field      path; null: minutes, or tasks
     * @param int|null    $aDay       parts that somebody does on a day on which they work, where nothing else is said
     *     of them; null: it is measured in minutes
     * @param int         $whereEmpty parts of a task in which the field is empty
     */
    private function __construct(public ?string $field, public ?int $aDay, private int $whereEmpty) {}

    public static function minutes(): self
    {
        return new self(null, null, 0);
    }

    /** @param int $aDay parts */
    public static function tasks(int $aDay): self
    {
        return new self(null, self::within($aDay), self::PARTS);
    }

    /**
     * @param string $path       of a number field of tasks
     * @param int    $aDay       parts
     * @param int    $whereEmpty parts
     */
    public static function field(string $path, int $aDay, int $whereEmpty): self
    {
        if ($whereEmpty < 0 || $whereEmpty > self::MOST) {
            throw new Refusal('A task without a number counts as 0 to {most}.', most: intdiv(self::MOST, self::PARTS));
        }

        return new self($path, self::within($aDay), $whereEmpty);
    }

    /** Whether it has to be known what is in the fields of a task. */
    public function looksAtFields(): bool
    {
        return $this->field !== null;
    }

    public function isTime(): bool
    {
        return $this->aDay === null;
    }

    /**
     * What is left of a whole task.
     *
     * @param array<array-key, mixed> $fields its values by path
     */
    public function of(Effort $effort, array $fields): int
    {
        if ($this->aDay === null) {
            return $effort->left();
        }
        $value = $this->field === null ? 1 : $fields[$this->field] ?? null;

        return is_int($value) || is_float($value) ? self::parts($value) : $this->whereEmpty;
    }

    /** @param int|float $number of tasks, or of the field; below nought it is nought */
    public static function parts(int|float $number): int
    {
        return (int) round(self::PARTS * max(0, min(intdiv(self::MOST, self::PARTS), $number)));
    }

    /** Parts from which on somebody is said to have room: an hour, a task, one of the field. */
    public function room(): int
    {
        return $this->isTime() ? 60 : self::PARTS;
    }

    /** @throws Refusal */
    public static function within(int $aDay): int
    {
        return $aDay >= 1 && $aDay <= self::MOST
            ? $aDay
            : throw new Refusal('A day takes more than 0 and at most {most}.', most: intdiv(self::MOST, self::PARTS));
    }
}
