<?php

declare(strict_types=1);

namespace App\Models;

use App\Coverage\RecordedArrivals;
use App\DomainEvents\EventKinds;
use App\DomainEvents\HandedEvent;
use App\DomainEvents\HandOut;
use App\DomainEvents\TaskChanged;
use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;

/** A domain event that was written with what brought it about. */
final class RecordedEvent extends Model
{
    use BootsByName;
    use MassPrunable;

    protected $table = 'recorded_events';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['id' => 'integer', 'at' => 'immutable_datetime', 'data' => Document::class];

    /** @return Builder<self> what all consumers have been handed, but for changes that coverage still counts */
    public function prunable(): Builder
    {
        return self::query()->where('id', '<=', EventPosition::ofAll(HandOut::CONSUMERS))
            ->where(static fn(Builder $some): Builder => $some->where('kind', '<>', TaskChanged::code())->orWhere('at', '<', RecordedArrivals::since()));
    }

    /** @return HandedEvent|null null: it is of a kind that is no more */
    public function handed(): ?HandedEvent
    {
        $event = EventKinds::read($this->kind, $this->data ?? []);

        return $event === null ? null : new HandedEvent($this->id, $this->at, $this->task_id, $this->user_id, $event);
    }
}
