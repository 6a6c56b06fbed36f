<?php

declare(strict_types=1);

namespace App\Models\Absences;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\NamedInTrail;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Absence\AbsenceAction;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;

/** A stretch in which a person is away; whole days or an exact stretch. */
final class Absence extends Model implements NamedInTrail
{
    use BootsByName;
    use HasUlids;

    /** What has to come with one that is read as a value of the core. */
    public const WITH = ['person', 'substitutes'];

    /** Days after which one that is over may still overlap with one that is running. */
    public const LATELY = 60;

    protected $table = 'absences';

    protected $guarded = [];

    protected $casts = [
        'first_day' => 'immutable_date:Y-m-d',
        'last_day' => 'immutable_date:Y-m-d',
        'from' => 'immutable_datetime',
        'to' => 'immutable_datetime',
        'decided_at' => 'immutable_datetime',
        'handed_over_at' => 'immutable_datetime',
        'handed_back_at' => 'immutable_datetime',
        'status' => AbsenceStatus::class,
        'kind' => AbsenceKind::class,
        'held' => HeldPolicy::class,
        'hand_back' => HandBackPolicy::class,
        'settling' => Settling::class,
    ];

    /** Whatever changes when it is, its begin and its end are still to be acted upon. */
    protected static function booted(): void
    {
        self::updating(static function (self $absence): void {
            if (
                $absence->isDirty(['first_day', 'last_day', 'from', 'to', 'status']) &&
                !$absence->isDirty('handed_back_at')
            ) {
                $absence->handed_back_at = null;
            }
        });
    }

    /**
     * Whether something is still done with it, as it is now.
     *
     * @param CoreAbsence $known it, as a value of the core
     * @param int         $now   instant
     */
    public function fits(AbsenceAction $action, CoreAbsence $known, int $now): bool
    {
        return $action->fits($known, $now, $this->handed_over_at !== null, $this->handed_back_at !== null);
    }

    /**
     * Those of which the begin or the end may still have to be acted upon, or is being so.
     *
     * @param Builder<self> $query
     */
    public function scopeUnsettled(Builder $query): void
    {
        $begun = static fn(Builder $some): Builder => $some
            ->where('status', AbsenceStatus::Approved)
            ->orWhereNotNull('handed_over_at');
        $query->where(
            static fn(Builder $some): Builder => $some
                ->whereNotNull('settling')
                ->orWhere(static fn(Builder $due): Builder => $due->whereNull('handed_back_at')->where($begun)),
        );
    }

    /**
     * Those that run, are to come or were over lately, that are still to be settled, or that somebody covers for.
     *
     * @param Builder<self> $query
     */
    public function scopeMattering(Builder $query): void
    {
        $since = CarbonImmutable::now()->subDays(self::LATELY);
        $query->where(
            static fn(Builder $some): Builder => $some
                ->where('last_day', '>=', $since->format('Y-m-d'))
                ->orWhere('to', '>=', $since)
                ->orWhere(static fn(Builder $open): Builder => $open->unsettled())
                ->orWhereIn('slug', TaskCover::query()->select('absence')),
        );
    }

    /**
     * Those that meet a stretch of time. Days are those of the person, which may begin up to half a day apart.
     *
     * @param Builder<self> $query
     * @param int           $from  instant, as is $to
     */
    public function scopeMeeting(Builder $query, int $from, int $to): void
    {
        $query->where(
            static fn(Builder $some): Builder => $some
                ->where(
                    static fn(Builder $days): Builder => $days
                        ->where('first_day', '<=', gmdate('Y-m-d', $to + 86_400))
                        ->where('last_day', '>=', gmdate('Y-m-d', $from - 86_400)),
                )
                ->orWhere(
                    static fn(Builder $hours): Builder => $hours
                        ->where('from', '<', gmdate('Y-m-d H:i:s', $to))
                        ->where('to', '>', gmdate('Y-m-d H:i:s', $from)),
                ),
        );
    }

    public function nameInTrail(): ?string
    {
        return $this->loadMissing('person')->person?->name;
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return HasMany<CoverSetting, $this> */
    public function settings(): HasMany
    {
        return $this->hasMany(CoverSetting::class);
    }

    /**
     * @param list<string> $people ids of those who stand in, in the order in which they are asked
     * @param array<string, array<string, mixed>> $only criteria of the work of those who stand in for some only, by id
     */
    public function syncSubstitutes(array $people, array $only = []): void
    {
        $rows = [];
        foreach ($people as $position => $id) {
            $rows[$id] = ['position' => $position, 'only' => $only[$id] ?? null];
        }
        $this->substitutes()->sync($rows);
    }

    /** @return BelongsToMany<Person, $this, AbsenceSubstitute> */
    public function substitutes(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'absence_substitutes')
            ->using(AbsenceSubstitute::class)
            ->withPivot(['position', 'only'])
            ->orderBy('absence_substitutes.position');
    }
}
