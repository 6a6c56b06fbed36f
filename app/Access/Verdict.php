<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\User;

/** What came of an address and a password. */
final readonly class Verdict
{
    /**
     * @param User|null $user whose they are; null: they do not go together, or were not looked at
     * @param int       $wait seconds until they are looked at; 0: they were
     */
    public function __construct(public ?User $user, public int $wait = 0) {}

    /** Whole minutes to wait, as one says them. */
    public function minutes(): int
    {
        return (int) ceil($this->wait / 60);
    }
}
