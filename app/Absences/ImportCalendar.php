<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\HouseState;
use App\Calendar\CalendarLine;
use App\Calendar\CalendarPlan;
use App\Calendar\CalendarReader;
use App\Calendar\CalendarReading;
use App\Models\Absences\Absence;
use App\Models\Absences\CalendarEntry;
use App\Models\House\House;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Document\DocumentError;

/** Takes absences from a calendar: all that it says, or nothing. What it does not speak of stays. */
final readonly class ImportCalendar
{
    public function __construct(private SettleAbsence $settle) {}

    /**
     * What it would bring about; nothing is changed.
     *
     * @throws DocumentError where it is no calendar, or one that is too large
     */
    public function preview(string $text, string $source): CalendarPlan
    {
        return CalendarPlan::of(self::read($text), $source);
    }

    private static function read(string $text): CalendarReading
    {
        return (new CalendarReader(
            new DateTimeZone(House::query()->firstOrFail()->zone),
            CarbonImmutable::now(),
        ))->read($text);
    }

    /**
     * @param string $source which calendar; events of different ones are told apart
     *
     * @throws DocumentError as the preview
     */
    public function __invoke(string $text, string $source, Actor $by): CalendarPlan
    {
        $touched = [];
        // A file is read before anything is locked.
        $read = self::read($text);
        $plan = DB::transaction(function () use ($read, $source, $by, &$touched): CalendarPlan {
            HouseState::lock();
            $plan = CalendarPlan::of($read, $source);
            $touched = [];
            foreach ($plan->lines as $line) {
                $absence = $this->apply($line, $by);
                $known = $line->entry !== null && $line->entry->sequence >= $line->event->sequence;
                if ($absence !== null && !($known && $line->what === CalendarLine::SAME)) {
                    CalendarEntry::query()->updateOrCreate(
                        ['source' => $source, 'event' => $line->event->hash()],
                        [
                            'sequence' => max($line->event->sequence, $line->entry->sequence ?? 0),
                            'absence_id' => $absence->id,
                        ],
                    );
                }
                if ($absence !== null && $line->what !== CalendarLine::SAME) {
                    $touched[] = $absence->id;
                }
            }
            if ($touched !== []) {
                House::query()->increment('roster_revision');
                Audit::record($by, 'house', 'calendar_imported', 'took absences from a calendar', null, [
                    'source' => $source,
                    'absences' => $touched,
                ]);
            }

            return $plan;
        }, attempts: 3);
        foreach ($touched as $id) {
            ($this->settle)($id, $by, moved: true);
        }

        return $plan;
    }

    private function apply(CalendarLine $line, Actor $by): ?Absence
    {
        $event = $line->event;
        $moment = static fn(?int $instant): ?CarbonImmutable => $instant === null
            ? null
            : CarbonImmutable::createFromTimestampUTC($instant);
        $when = [
            'first_day' => $event->firstDay,
            'last_day' => $event->lastDay,
            'from' => $moment($event->from),
            'to' => $moment($event->to),
        ];
        switch ($line->what) {
            case CalendarLine::CREATE:
                return Absence::query()->create(
                    [
                        'slug' => 'absence-' . Str::lower((string) Str::ulid()),
                        'person_id' => $line->person->id,
                        'status' => AbsenceStatus::Approved,
                        'asked_by' => $by->user?->id,
                    ] + $when,
                );
            case CalendarLine::CHANGE:
                $line->absence?->update(['status' => AbsenceStatus::Approved] + $when);
                break;
            case CalendarLine::CANCEL:
                $line->absence?->update(['status' => AbsenceStatus::Cancelled]);
        }

        return $line->absence;
    }
}
