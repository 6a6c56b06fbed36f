<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Coverage\RecordedArrivals;
use App\Coverage\RecordedChanges;
use App\DomainEvents\HandOut;
use App\Models\Events\RecordedEvent;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;

/** Forgets domain events that every consumer has been handed, but for changes that coverage still counts. */
final class PruneEvents extends Command
{
    private const PIECE = 1000;

    protected $signature = 'baton:prune-events';

    protected $description = 'Forget what has happened and was handed out, as far as nothing counts it any more';

    public function handle(HandOut $handOut): int
    {
        $query = RecordedEvent::query()
            ->where('id', '<=', $handOut->position())
            ->where(
                static fn(Builder $some): Builder => $some
                    ->whereNotIn('kind', RecordedChanges::kinds())
                    ->orWhere('at', '<', RecordedArrivals::since()),
            );
        while ($query->clone()->orderBy('id')->limit(self::PIECE)->delete() === self::PIECE);

        return 0;
    }
}
