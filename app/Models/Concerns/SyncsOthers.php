<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/** For rows beside which others stand, whose ids are known while the relation is loaded. */
trait SyncsOthers
{
    /** @return list<string> ids of the others in a relation that is loaded */
    public function keysOf(string $relation): array
    {
        $others = $this->getRelation($relation);
        /** @var list<string> $keys */
        $keys = $others instanceof Collection ? $others->modelKeys() : [];

        return $keys;
    }

    /**
     * Nothing is asked where nothing has changed.
     *
     * @template R of Model
     *
     * @param BelongsToMany<R, $this> $relation that is loaded, unless the row is new
     * @param list<string>            $ids      all that it has from now on
     */
    public function syncOthers(BelongsToMany $relation, array $ids): void
    {
        $known = $this->wasRecentlyCreated ? [] : $this->keysOf($relation->getRelationName());
        if (array_diff($ids, $known) !== [] || array_diff($known, $ids) !== []) {
            $relation->sync($ids);
        }
    }
}
