<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/** A row by its key that is made when it is first asked for. */
trait LocksOneRow
{
    /**
     * Within a transaction, which holds the row from then on.
     *
     * @param array<string, mixed> $new what it holds where it is not there yet
     */
    private static function lockedOrNew(string $key, array $new): self
    {
        $name = (new self())->getKeyName();
        // An insert of what is there already takes a shared lock, and two that hold it both wait to write.
        if (self::query()->whereKey($key)->doesntExist()) {
            self::query()->insertOrIgnore([$name => $key, ...$new]);
        }

        return self::query()->lockForUpdate()->findOrFail($key);
    }
}
