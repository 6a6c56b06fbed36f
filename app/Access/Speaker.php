<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\SentKey;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\Author;

/**
 * Who says something on a task, or attaches a file: somebody of the house, or the customer, by their own address or
 * through another system.
 */
final readonly class Speaker
{
    private const CUSTOMER = 'the customer';

    private function __construct(private ?User $user, private bool $isCustomer, private ?RequestKey $key = null) {}

    public static function user(User $user): self
    {
        return new self($user, false);
    }

    public static function customer(): self
    {
        return new self(null, true);
    }

    /** Another system, by its token; for the customer, or for the token's owner. */
    public static function system(User $owner, bool $forCustomer, RequestKey $key): self
    {
        return new self($owner, $forCustomer, $key);
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

    /** Within the transaction that does it: that it comes once is decided by the key. */
    public function useKey(): void
    {
        if ($this->key !== null) {
            SentKey::query()->create([
                'user_id' => $this->key->userId,
                'key' => $this->key->key,
                'hash' => $this->key->hash,
                'at' => CarbonImmutable::now(),
            ]);
        }
    }
}
