<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use OpenBaton\Core\Refusal;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\WorkingHours;

/** A day seen from the moment of an event: "+5 working_days", "end of month", "today". */
final readonly class RelativeDate
{
    public const PATTERN =
        '^(today|(start|end) of (week|month)|[+-]\d{1,4} ' . '(minutes|hours|days|working_days|weeks|months))$';

    private function __construct(public string $text) {}

    /** @throws Refusal */
    public static function parse(string $text): self
    {
        return preg_match('/' . self::PATTERN . '/D', $text) === 1
            ? new self($text)
            : throw new Refusal(
                '"{text}" is not a day seen from now, such as "today", "+5 working_days" or "end of month".',
                text: $text,
            );
    }

    /**
     * @param int $at instant
     *
     * @return LocalDate|null null: there is no such working day
     */
    public function at(int $at, WorkingHours $house): ?LocalDate
    {
        $today = $house->zone()->dateAt($at);
        try {
            return match ($this->text) {
                'today' => $today,
                'start of week' => $today->startOfWeek(),
                'end of week' => $today->startOfWeek()->plus(6),
                'start of month' => $today->startOfMonth(),
                'end of month' => $today->endOfMonth(),
                default => $house->zone()->dateAt(Offset::parse($this->text)->fromInstant($at, $house)),
            };
        } catch (NoWorkingTime) {
            return null;
        }
    }
}
