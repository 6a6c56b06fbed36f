<?php

declare(strict_types=1);

namespace App\Http\Requests\Absences;

use App\Absences\AbsenceTerms;
use App\Bridge\SnapshotSource;
use App\Http\Requests\InputRequest;
use App\Models\Absences\Absence;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Zone;

/** That somebody is ill today, by the day where they are, and until when where that is known. */
final class IllRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('enter', Absence::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'until' => [
                'bail',
                'nullable',
                'string',
                'date_format:Y-m-d',
                'after_or_equal:' . $this->today()->format(),
                'before:+1 year',
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['until.*' => 'Give the last day: today or later, and within a year.'];
    }

    public function whose(): Person
    {
        $person = $this->route('person');

        return $person instanceof Person ? $person : abort(404);
    }

    public function zone(): Zone
    {
        return new Zone($this->whose()->zone ?? app(SnapshotSource::class)->current()->zone);
    }

    public function today(): LocalDate
    {
        return $this->zone()->dateAt(CarbonImmutable::now()->getTimestamp());
    }

    public function last(): LocalDate
    {
        return $this->filled('until') ? LocalDate::parse($this->string('until')->toString()) : $this->today();
    }

    public function terms(): AbsenceTerms
    {
        return new AbsenceTerms(AbsenceKind::Ill, $this->today()->format(), $this->last()->format());
    }

    public function absence(): CoreAbsence
    {
        return new CoreAbsence(
            'ill',
            $this->whose()->slug,
            CoreAbsence::wholeDays($this->today(), $this->last(), $this->zone()),
            AbsenceStatus::Approved,
        );
    }
}
