<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/** For rows with tags. */
trait HasTags
{
    /** @return list<string> */
    public function tagList(): array
    {
        /** @var list<string> $tags */
        $tags = array_values((array) $this->tags);

        return $tags;
    }
}
