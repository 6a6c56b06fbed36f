<?php

declare(strict_types=1);

namespace OpenBaton\Core\Message;

/** By which means a message reaches somebody. */
enum Channel: string
{
    case Mail = 'mail';
    /** A chat within the house: people and teams, no customers. */
    case Chat = 'chat';
    /** A short text to a telephone. */
    case Text = 'text';

    /**
     * @param array<array-key, mixed> $codes
     *
     * @return list<self> those that there are, each once
     */
    public static function among(array $codes): array
    {
        return array_values(
            array_filter(self::cases(), static fn(self $one): bool => in_array($one->value, $codes, true)),
        );
    }

    /** Characters that a message has at most. */
    public function most(): int
    {
        return match ($this) {
            self::Mail => 20_000,
            self::Chat => 4_000,
            // What three texts hold.
            self::Text => 459,
        };
    }

    public function hasSubject(): bool
    {
        return $this === self::Mail;
    }

    public function takesFiles(): bool
    {
        return $this === self::Mail;
    }

    public function takes(RecipientKind $kind): bool
    {
        return match ($this) {
            self::Mail, self::Text => $kind !== RecipientKind::Team,
            self::Chat => $kind !== RecipientKind::Customer,
        };
    }
}
