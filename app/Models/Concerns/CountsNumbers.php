<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/** For rows that people know by a number, which the database counts up beside the key. */
trait CountsNumbers
{
    /** Saves a new row and takes up the number that the database gives it. */
    public function saveNumbered(): void
    {
        if ($this->usesTimestamps()) {
            $this->updateTimestamps();
        }
        $this->setUniqueIds();
        /** @var array<string, mixed> $attributes */
        $attributes = $this->getAttributesForInsert();
        $this->setAttribute('number', $this->newModelQuery()->toBase()->insertGetId($attributes));
        $this->exists = true;
        $this->wasRecentlyCreated = true;
        $this->syncOriginal();
    }
}
