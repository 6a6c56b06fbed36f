<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\Absences\AbsenceSubstitute;
use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * Somebody of the house, whether they sign in or not.
 *
 * @property-read TeamMembership|AbsenceSubstitute|null $pivot of a team that they are in, or of an absence in which
 *     they stand in
 */
final class Person extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'people';

    protected $guarded = [];

    protected $casts = [
        'hours' => 'array',
        'holidays' => 'array',
        'exceptions' => 'array',
        'attribute_list' => 'array',
        'facts' => 'array',
        'active' => 'boolean',
        'member_from' => 'immutable_date:Y-m-d',
        'member_until' => 'immutable_date:Y-m-d',
    ];

    /**
     * @param Collection<int, self> $people
     *
     * @return list<string> slugs, sorted
     */
    public static function slugs(Collection $people): array
    {
        return array_values($people->map(static fn(self $one): string => $one->slug)->sort()->all());
    }

    /** @return BelongsToMany<Skill, $this, SkillLevel> with their level */
    public function skills(): BelongsToMany
    {
        return $this->belongsToMany(Skill::class, 'person_skills')
            ->using(SkillLevel::class)
            ->withPivot('level')
            ->orderBy('skills.position');
    }

    /** @return BelongsTo<Place, $this> where they work */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /**
     * Those who do not belong to the house now: inactive, or past their last day.
     *
     * @param Builder<self> $people
     *
     * @return Builder<self>
     */
    public static function formerMembers(Builder $people): Builder
    {
        return $people->where(
            static fn(Builder $gone): Builder => $gone
                ->where('active', false)
                ->orWhere('member_until', '<', CarbonImmutable::now()->format('Y-m-d')),
        );
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return Collection<int, self> those who lead the house, with their sign-ins, by name */
    public static function leads(): Collection
    {
        return self::query()
            ->whereHas('user')
            ->with('user')
            ->orderBy('name')
            ->get()
            ->filter(static fn(self $one): bool => $one->user?->leads() === true)
            ->values();
    }
}
