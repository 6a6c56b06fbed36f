<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\User;

/** Who does something: a person who is signed in, or the system itself. */
final readonly class Actor
{
    /** @param string|null $system by what means, where it is nobody's doing, such as "command line" */
    private function __construct(public ?User $user, public ?string $system) {}

    public static function user(User $user): self
    {
        return new self($user, null);
    }

    public static function system(string $means): self
    {
        return new self(null, $means);
    }

    public function name(): string
    {
        return $this->user->name ?? (string) $this->system;
    }
}
