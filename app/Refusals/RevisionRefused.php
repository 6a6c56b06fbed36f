<?php

declare(strict_types=1);

namespace App\Refusals;

/** A program has to say which revision it looked at, and that has to be the one that holds. */
final class RevisionRefused extends Refused
{
    private const MISSING = 'precondition.missing';
    private const MOVED = 'precondition.moved';
    private const UNREAD = 'precondition.unread';

    /** It has to be said. */
    public static function missing(): self
    {
        return new self(self::MISSING);
    }

    /** It is another by now. */
    public static function moved(int $revision): self
    {
        return new self(self::MOVED, ['revision' => $revision]);
    }

    /** It is none. */
    public static function unread(): self
    {
        return new self(self::UNREAD);
    }

    public function status(): int
    {
        return match ($this->path()) {
            self::MISSING => 428,
            self::MOVED => 412,
            default => 400,
        };
    }
}
