<?php

declare(strict_types=1);

namespace App\Models\Messages;

use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Concerns\BootsByName;
use App\Models\Reminders\Reminder;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Message\RecipientKind;

/** Something for one recipient by one channel. Its id counts up in the order in which messages were made. */
final class Message extends Model
{
    use BootsByName;

    protected $table = 'messages';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'recipient_kind' => RecipientKind::class,
        'channel' => Channel::class,
        'state' => MessageState::class,
        'files' => 'array',
        'to_tell_rules' => 'boolean',
        'due_at' => 'immutable_datetime',
        'not_before' => 'immutable_datetime',
        'next_try_at' => 'immutable_datetime',
        'lease_until' => 'immutable_datetime',
        'sent_at' => 'immutable_datetime',
        'at' => 'immutable_datetime',
    ];

    /** By which channels know it again, however often it comes. */
    public function sign(): string
    {
        return "message-{$this->id}@openbaton.example";
    }

    /** @return list<string> ids of the files of what it is about that go with it */
    public function fileIds(): array
    {
        return array_values(array_filter((array) $this->files, is_string(...)));
    }

    /** Puts down what became of it, and by whom; null: by itself. */
    public function putDown(MessageStepKind $step, CarbonImmutable $at, ?string $note = null, ?User $by = null): void
    {
        $this->steps()->create(['at' => $at, 'step' => $step, 'user_id' => $by?->id, 'note' => $note]);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<CustomerCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(CustomerCase::class, 'case_id');
    }

    /** @return BelongsTo<Reminder, $this> that it is */
    public function reminder(): BelongsTo
    {
        return $this->belongsTo(Reminder::class);
    }

    /** @return HasMany<MessageStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(MessageStep::class);
    }

    /**
     * Those that are on their way and whose time has come, but not those that somebody sends already.
     *
     * @param Builder<self> $query
     */
    public function scopeDue(Builder $query, CarbonImmutable $now): void
    {
        $query->whereIn('messages.state', MessageState::ON_ITS_WAY);
        foreach (['not_before', 'next_try_at', 'lease_until'] as $column) {
            $query->where(
                static fn(Builder $any): Builder => $any
                    ->whereNull("messages.{$column}")
                    ->orWhere("messages.{$column}", '<=', $now),
            );
        }
    }
}
