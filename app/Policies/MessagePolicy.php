<?php

declare(strict_types=1);

namespace App\Policies;

use App\Messages\MessagesInSight;
use App\Models\Access\User;
use App\Models\Messages\Message;

/** Who sees messages, and does something with them. */
final class MessagePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->person !== null || $user->leads();
    }

    public function steer(User $user, Message $message): bool
    {
        return app(MessagesInSight::class)->includes($user, $message);
    }

    /** Whether all that goes to customers is looked at. */
    public function settle(User $user): bool
    {
        return $user->leads();
    }

    /** What the stand-ins have taken, and how they behave. */
    public function viewStandIns(User $user): bool
    {
        return $user->leads();
    }
}
