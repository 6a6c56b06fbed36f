<?php

declare(strict_types=1);

namespace App\Messages;

/** How somebody is called, and reached by a channel. */
final readonly class Address
{
    /** @param string|null $address null: it is not known */
    public function __construct(public string $name, public ?string $address) {}
}
