<?php

declare(strict_types=1);

namespace App\Http\Requests\Calendar;

use App\Http\Pages\Calendar\CalendarView;
use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Zone;

/** What somebody looks at in the calendar; all of it stands in the address. */
final class CalendarRequest extends InputRequest
{
    private const YEARS = 3;

    public function authorize(): bool
    {
        return $this->user()?->can('find', Task::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $day = [
            'nullable',
            'date_format:Y-m-d',
            'after:' . CarbonImmutable::now()->subYears(self::YEARS)->format('Y-m-d'),
            'before:' . CarbonImmutable::now()->addYears(self::YEARS)->format('Y-m-d'),
        ];
        $slug = ['nullable', 'string', 'max:' . TextLimits::ID];

        return [
            'by' => ['nullable', Rule::in(CalendarView::BY)],
            'date' => $day,
            'show' => $day,
            'person' => $slug,
            'team' => $slug,
            'page' => ['nullable', new Whole(1, 1_000)],
        ];
    }

    public function view(Zone $zone): CalendarView
    {
        $named = fn(string $name): ?string => $this->filled($name) ? $this->string($name)->toString() : null;
        $today = $zone->dateAt(CarbonImmutable::now()->getTimestamp());

        return new CalendarView(
            $named('by') ?? 'week',
            $this->dayOf('date') ?? $today,
            $named('person'),
            $named('team'),
            $this->boolean('all'),
            $this->filled('page') ? $this->integer('page') : 1,
            $this->dayOf('show'),
        );
    }

    private function dayOf(string $name): ?LocalDate
    {
        return $this->filled($name) ? LocalDate::parse($this->string($name)->toString()) : null;
    }
}
