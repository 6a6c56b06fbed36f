<?php

declare(strict_types=1);

namespace App\Explain;

use App\Words\Words;

/** Says recurrence rules; resources/js/lib/recurrence.ts does the same on the pages. */
final readonly class RecurrenceWords
{
    private const WORKDAYS = ['MO', 'TU', 'WE', 'TH', 'FR'];

    public function __construct(private Words $words) {}

    public function say(string $rule): string
    {
        $parts = ['INTERVAL' => '1'];
        foreach (explode(';', $rule) as $part) {
            [$name, $value] = explode('=', $part, 2) + [1 => ''];
            $parts[$name] = $value;
        }
        $every = $this->words->say('recurrence.' . strtolower($parts['FREQ'] ?? 'daily'), [
            'interval' => (int) $parts['INTERVAL'],
        ]);
        $days = implode(
            ', ',
            array_filter([
                ...$this->weekdays(self::listed($parts['BYDAY'] ?? ''), $parts['BYSETPOS'] ?? null),
                ...array_map($this->dayOfMonth(...), self::listed($parts['BYMONTHDAY'] ?? '')),
            ]),
        );

        return match (true) {
            $days === '' => $every,
            isset($parts['BYMONTH']) => $this->words->say('recurrence.month', [
                'every' => $every,
                'months' => implode(', ', array_map($this->month(...), self::listed($parts['BYMONTH']))),
                'days' => $days,
            ]),
            default => $this->words->say('recurrence.on', ['every' => $every, 'days' => $days]),
        };
    }

    /** @return list<string> */
    private static function listed(string $value): array
    {
        return $value === '' ? [] : explode(',', $value);
    }

    /**
     * @param list<string> $days
     *
     * @return list<string> with a position that holds for all of them together: one
     */
    private function weekdays(array $days, ?string $position): array
    {
        if ($position === null || count($days) < 2) {
            return array_map(fn(string $day): string => $this->day($day, $position), $days);
        }
        $names = array_map(fn(string $day): string => $this->day($day, null), $days);

        return [
            $days === self::WORKDAYS
                ? $this->nth($position, $this->words->say('recurrence.weekday'))
                : $this->nth($position, $this->words->say('recurrence.of', ['days' => implode(', ', $names)])),
        ];
    }

    private function day(string $day, ?string $position): string
    {
        $name = $this->words->say('recurrence.' . substr($day, -2));
        $nth = substr($day, 0, -2) ?: $position;

        return $nth === null ? $name : $this->nth($nth, $name);
    }

    private function nth(string $nth, string $day): string
    {
        return $this->words->say('recurrence.nth', ['nth' => self::last($nth), 'day' => $day]);
    }

    private function dayOfMonth(string $day): string
    {
        return $this->words->say('recurrence.day', ['day' => self::last($day)]);
    }

    private static function last(string $number): string
    {
        return $number === '-1' ? 'last' : $number;
    }

    private function month(string $month): string
    {
        return $this->words->date('LLLL', (int) gmmktime(0, 0, 0, (int) $month, 1, 2026), 'UTC');
    }
}
