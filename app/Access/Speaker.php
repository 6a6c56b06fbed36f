<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\User;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\Author;

/**
 * Who says something on a task, or attaches a file: somebody of the house, or the customer, by their own address or
 * through another system.
 */
final readonly class Speaker
{
    private const CUSTOMER = 'the customer';

    private function __construct(private ?User $user, private bool $isCustomer) {}

    public static function user(User $user): self
    {
        return new self($user, false);
    }

    public static function customer(): self
    {
        return new self(null, true);
    }

    /** Another system, by its token; for the customer, or for the token's owner. */
    public static function system(User $owner, bool $forCustomer): self
    {
        return new self($owner, $forCustomer);
    }

    public function actor(): Actor
    {
        return $this->user === null ? Actor::system(self::CUSTOMER) : Actor::user($this->user);
    }

    public function authorOn(Task $task): Author
    {
        return $this->isCustomer ? Author::Customer : $this->user?->authorOn($task) ?? Author::Anyone;
    }

    /** @return array{user_id: string|null, from_customer: bool} whose it is, in the row of what is said */
    public function columns(): array
    {
        return ['user_id' => $this->isCustomer ? null : $this->user?->id, 'from_customer' => $this->isCustomer];
    }
}
