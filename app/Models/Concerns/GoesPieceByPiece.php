<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** A job that goes through many rows for some seconds, then lets others have their turn. */
trait GoesPieceByPiece
{
    /** Rows after which it is asked whether somebody has stopped it. */
    private const PIECE = 20;

    private const SECONDS = 20;

    /**
     * @template T of Model
     * @template O of Model
     *
     * @param O             $of   with a "state"; once it is in another, it is stopped
     * @param HasMany<T, O> $left those that are left, in order; each leaves them once it is done
     * @param Closure(T): void $each
     *
     * @return bool whether none is left; false: it was stopped, or goes on in another job
     */
    private function each(Model $of, HasMany $left, Closure $each): bool
    {
        $state = $of->getAttribute('state');
        $end = microtime(true) + self::SECONDS;
        while (($piece = $left->clone()->limit(self::PIECE)->get())->isNotEmpty()) {
            foreach ($piece as $one) {
                $each($one);
            }
            if ($of->newQuery()->whereKey($of->getKey())->value('state') !== $state) {
                return false;
            }
            if (microtime(true) > $end) {
                dispatch(clone $this);

                return false;
            }
        }

        return true;
    }
}
