<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Access\User;
use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** The rules as they were at one time: a draft, one that is planned, the published version or an earlier one. */
final class RulebookVersion extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'rulebook_versions';

    protected $guarded = [];

    protected $casts = [
        'state' => VersionState::class,
        'rules' => Document::class,
        'fields' => Document::class,
        'before_import' => 'array',
        'timers' => 'array',
        'published_at' => 'immutable_datetime',
        'publish_at' => 'immutable_datetime',
    ];

    /** @param Builder<self> $query */
    public function scopePublished(Builder $query): void
    {
        $query->where('state', VersionState::Published);
    }

    /** @param Builder<self> $query */
    public function scopeDraft(Builder $query): void
    {
        $query->where('state', VersionState::Draft);
    }

    /** @param Builder<self> $query */
    public function scopePlanned(Builder $query): void
    {
        $query->where('state', VersionState::Planned);
    }

    /** Whoever or whatever saved it. */
    public function author(): ?string
    {
        return $this->savedBy->name ?? $this->saved_by_system;
    }

    /** @return BelongsTo<User, $this> */
    public function savedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'saved_by');
    }

    /**
     * @return array<string, int> since when each of its timers has been published without a break, as an instant by the
     *     timer's id
     */
    public function timersSince(): array
    {
        /** @var array<string, int> $timers */
        $timers = $this->timers ?? [];

        return $timers;
    }
}
