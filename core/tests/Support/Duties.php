<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Flow\Duty\ByCalendar;
use OpenBaton\Core\Flow\Duty\CatchUp;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Duty\DutyDate;
use OpenBaton\Core\Flow\Duty\DutyDates;
use OpenBaton\Core\Flow\Duty\DutyLedger;
use OpenBaton\Core\Flow\Duty\DutyTemplate;
use OpenBaton\Core\Flow\Duty\OffDay;
use OpenBaton\Core\Flow\Duty\Rhythm;
use OpenBaton\Core\Flow\Duty\StillOpen;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\Recurrence;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Time\WorkingHours;

/** Duties that tests need. */
final class Duties
{
    public static function every(string $rule, string $from): ByCalendar
    {
        return new ByCalendar(new Recurrence($rule, LocalDate::parse($from), TimeOfDay::parse('00:00')));
    }

    /** @param array<string, mixed> $more named arguments of Duty */
    public static function of(Rhythm $rhythm, array $more = []): Duty
    {
        return new Duty(
            ...$more + [
                'id' => 'reeds',
                'name' => 'Reed count',
                'template' => new DutyTemplate('stock-count', MergedText::parse('Count the reeds')),
                'rhythm' => $rhythm,
                'appears' => Offset::parse('+0 days'),
                'due' => Offset::parse('+0 days'),
                'offDay' => OffDay::Before,
                'stillOpen' => StillOpen::Add,
                'catchUp' => CatchUp::Each,
            ],
        );
    }

    /** @param array<string, mixed> $more named arguments of DutyLedger */
    public static function ledger(string $through, array $more = []): DutyLedger
    {
        return new DutyLedger(...['through' => LocalDate::parse($through)] + $more);
    }

    /** @return list<string> "key" or "key>date" where it is moved */
    public static function dates(Duty $duty, WorkingHours $house, string $through, int $most = 12): array
    {
        return array_map(self::said(...), (new DutyDates($house))->next($duty, self::ledger($through), $most));
    }

    public static function said(DutyDate $date): string
    {
        return $date->key->format() . ($date->key->day === $date->date->day ? '' : ">{$date->date->format()}");
    }
}
