<?php

declare(strict_types=1);

namespace App\Refusals;

/** An answer to an approval does not count, or something else is done with a task that is done by an answer. */
final class NotAnswered extends Refused
{
    /** Another answer came first, or it is settled. */
    public static function notAsked(): self
    {
        return new self('approval.not_asked');
    }

    /** They have worked on it, or have answered it already. */
    public static function mayNot(): self
    {
        return new self('approval.may_not');
    }

    public static function byAnAnswer(): self
    {
        return new self('approval.by_an_answer');
    }

    /** One of the name is open. */
    public static function openAlready(string $name): self
    {
        return new self('approval.open_already', ['name' => $name]);
    }

    public static function closed(): self
    {
        return new self('approval.closed');
    }
}
