<?php

declare(strict_types=1);

namespace App\Messages;

use OpenBaton\Core\Foreseen;
use RuntimeException;
use Throwable;

/** A channel did not take a message. */
final class ChannelFailed extends RuntimeException implements Foreseen
{
    private const MOST = 500;

    /** @param bool $forGood it will not take it at another time either */
    public function __construct(string $why, public readonly bool $forGood = false)
    {
        parent::__construct(mb_strimwidth($why, 0, self::MOST, '…'));
    }

    /** What a transport has said: servers of mail number refusals for good from 500 on. */
    public static function of(Throwable $error): self
    {
        return $error instanceof self
            ? $error
            : new self($error->getMessage(), $error->getCode() >= 500 && $error->getCode() < 600);
    }
}
