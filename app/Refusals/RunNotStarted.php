<?php

declare(strict_types=1);

namespace App\Refusals;

/** A runsheet is not started on something. */
final class RunNotStarted extends Refused
{
    public static function notPublished(string $name): self
    {
        return new self('run_not_started.not_published', ['runsheet' => $name]);
    }

    public static function ofAnother(string $name): self
    {
        return new self('run_not_started.of_another', ['runsheet' => $name]);
    }

    public static function already(string $name): self
    {
        return new self('run_not_started.already', ['runsheet' => $name]);
    }

    public static function closed(): self
    {
        return new self('run_not_started.closed');
    }
}
