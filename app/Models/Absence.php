<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\Zone;

/** A stretch in which a person is away; whole days or an exact stretch. */
final class Absence extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'absences';

    protected $guarded = [];

    protected $casts = [
        'first_day' => 'immutable_date:Y-m-d',
        'last_day' => 'immutable_date:Y-m-d',
        'from' => 'immutable_datetime',
        'to' => 'immutable_datetime',
        'decided_at' => 'immutable_datetime',
        'status' => AbsenceStatus::class,
        'kind' => AbsenceKind::class,
    ];

    /** @param string $zone of the house, for people who have none of their own; comes with the person and the substitutes */
    public function asCore(string $zone): CoreAbsence
    {
        $zone = new Zone($this->person->zone ?? $zone);
        $span = $this->first_day === null || $this->last_day === null
            ? new Span((int) $this->from?->getTimestamp(), (int) $this->to?->getTimestamp())
            : CoreAbsence::wholeDays(LocalDate::parse($this->first_day->format('Y-m-d')), LocalDate::parse($this->last_day->format('Y-m-d')), $zone);

        return new CoreAbsence($this->slug, (string) $this->person?->slug, $span, $this->status, array_values($this->substitutes->map(static fn(Person $one): string => $one->slug)->all()));
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @param list<string> $people ids of those who stand in, in the order in which they are asked */
    public function syncSubstitutes(array $people): void
    {
        $this->substitutes()->sync(array_map(static fn(int $position): array => ['position' => $position], array_flip($people)));
    }

    /** @return BelongsToMany<Person, $this> */
    public function substitutes(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'absence_substitutes')->withPivot('position')->orderBy('absence_substitutes.position');
    }
}
