<?php

declare(strict_types=1);

namespace Database\Factories\Absences;

use App\Models\Absences\Absence;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;
use OpenBaton\Core\Absence\AbsenceStatus;

/**
 * Approved whole days; of() says whose.
 *
 * @extends Factory<Absence>
 */
final class AbsenceFactory extends Factory
{
    protected $model = Absence::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'slug' => Str::lower(Str::ulid()->toBase32()),
            'first_day' => '2026-03-09',
            'last_day' => '2026-03-13',
            'status' => AbsenceStatus::Approved,
        ];
    }

    public function of(string $person): self
    {
        return $this->state(['person_id' => Person::query()->where('slug', $person)->sole()->id]);
    }

    public function asked(): self
    {
        return $this->state(['status' => AbsenceStatus::Asked]);
    }

    public function days(string $first, string $last): self
    {
        return $this->state(['first_day' => $first, 'last_day' => $last]);
    }

    /** An exact stretch in the place of whole days. */
    public function during(CarbonImmutable $from, CarbonImmutable $to): self
    {
        return $this->state(['first_day' => null, 'last_day' => null, 'from' => $from, 'to' => $to]);
    }
}
