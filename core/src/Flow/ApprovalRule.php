<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Refusal;

/** How many of those who are asked have to say yes, and whether they are asked one after the other. */
final readonly class ApprovalRule
{
    public const MOST = 50;

    private function __construct(public ?int $least, public bool $inOrder) {}

    /** The first yes decides. */
    public static function oneOf(): self
    {
        return new self(1, false);
    }

    /** All who are asked, at once. */
    public static function all(): self
    {
        return new self(null, false);
    }

    public static function atLeast(int $people): self
    {
        return $people >= 1 && $people <= self::MOST
            ? new self($people, false)
            : throw new Refusal('At least 1 and at most {most} people have to say yes.', most: self::MOST);
    }

    /** All of them, each once the one before has said yes. */
    public static function inOrder(): self
    {
        return new self(null, true);
    }

    /** @param int $places who are asked, vacant places among them */
    public function needed(int $places): int
    {
        return $this->least ?? max(1, $places);
    }
}
