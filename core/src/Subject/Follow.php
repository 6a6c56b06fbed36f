<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\WorkingTime;

/** A due date that stands at a distance from a date field. */
final readonly class Follow
{
    /** @param TimeOfDay|null $time null: the end of work of the house on that day, or on the working day before */
    public function __construct(public string $path, public Offset $offset, public ?TimeOfDay $time = null)
    {
        $offset->mustGoWith($time);
    }

    /**
     * @param Subject $subject with the field
     *
     * @return int|null instant; null: the field is empty, or the day does not come
     */
    public function instant(Subject $subject, WorkingHours $house): ?int
    {
        try {
            $exact = $subject->moment($this->path);
            if ($exact !== null && $this->time === null) {
                return $this->offset->fromInstant($exact, $house);
            }
            $date = self::date($this->path, $subject, $house);
            if ($date === null) {
                return null;
            }
            $day = $this->offset->fromDate($date, $house);

            return $this->time === null
                ? (new WorkingTime($house))->endOnOrBefore($day)
                : $house->zone()->instant($day, $this->time->minute);
        } catch (NoWorkingTime) {
            return null;
        }
    }

    /** The value of a date field as a date; null where it is empty. */
    public static function date(string $path, Subject $subject, WorkingHours $house): ?LocalDate
    {
        $exact = $subject->moment($path);
        $value = $subject->fields[$path] ?? null;

        return match (true) {
            $exact !== null => $house->zone()->dateAt($exact),
            is_string($value) => LocalDate::parse($value),
            default => null,
        };
    }
}
