<?php

declare(strict_types=1);

namespace App\Tables;

use Illuminate\Contracts\Container\Container;
use LogicException;
use OutOfBoundsException;

/** All that comes in as tables. */
final readonly class ImportKinds
{
    /** @param list<class-string<ImportKind>> $kinds */
    public function __construct(private Container $container, private array $kinds) {}

    /** @throws OutOfBoundsException where there is none */
    public function named(string $code): ImportKind
    {
        foreach ($this->kinds as $kind) {
            if ($kind::code() === $code) {
                $made = $this->container->make($kind);

                return $made instanceof ImportKind ? $made : throw new LogicException("{$kind} is none.");
            }
        }

        throw new OutOfBoundsException("Nothing comes in as a table of \"{$code}\".");
    }
}
