<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Calendar\CalendarBounds;
use App\Calendar\CalendarLine;
use App\Calendar\NotUnderstood;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\URL;
use OpenBaton\Core\Document\DocumentError;

/**
 * The calendar of the personnel office, asked for every few minutes. Its
 * address is configured; without one the stand-in that ships is asked.
 *
 * @phpstan-type Report array{at: string, problem: string|null, counts: array<string, int>,
 *     notUnderstood: list<array{title: string, reason: string}>}
 */
final readonly class PersonnelCalendar
{
    public const SOURCE = 'personnel';

    private const KEPT = 'calendar.personnel';

    private const PATIENCE = 10;

    public function __construct(private ImportCalendar $import) {}

    /** @return Report what came of it */
    public function poll(): array
    {
        $problem = null;
        $plan = null;
        // Kept for everybody.
        $words = new Words();
        try {
            $answer = Http::timeout(self::PATIENCE)
                ->withOptions(['allow_redirects' => false, 'stream' => true])
                ->get(self::address());
            $answer->successful()
                ? ($plan = ($this->import)(self::body($answer), self::SOURCE, Actor::system('personnel calendar')))
                : ($problem = $words->sentence('The calendar answered {status}.', ['status' => $answer->status()]));
        } catch (ConnectionException) {
            $problem = $words->sentence('The calendar cannot be reached.');
        } catch (DocumentError $error) {
            $problem = $words->fault($error->faults[0]);
        }
        $counts = array_count_values(
            array_map(static fn(CalendarLine $line): string => $line->what, $plan->lines ?? []),
        );
        $report = [
            'at' => CarbonImmutable::now()->format('Y-m-d\TH:i:s\Z'),
            'problem' => $problem,
            'counts' => $counts,
            'notUnderstood' => array_map(
                static fn(NotUnderstood $one): array => $one->said($words),
                array_slice($plan->notUnderstood ?? [], 0, 50),
            ),
        ];
        Cache::store('database')->forever(self::KEPT, $report);

        return $report;
    }

    /** @return Report|null null: it was not asked yet */
    public static function lastReport(): ?array
    {
        /** @var Report|null $report */
        $report = Cache::store('database')->get(self::KEPT);

        return $report;
    }

    /** No more of it than a calendar may have, and a byte that says that it is more. */
    private static function body(Response $answer): string
    {
        $body = '';
        for (
            $stream = $answer->toPsrResponse()->getBody();
            !$stream->eof() && strlen($body) <= CalendarBounds::MOST_BYTES;

        ) {
            $body .= $stream->read(min(65_536, CalendarBounds::MOST_BYTES + 1 - strlen($body)) ?: 1);
        }

        return $body;
    }

    public static function isStandIn(): bool
    {
        return !is_string(config('baton.personnel_calendar')) || config('baton.personnel_calendar') === '';
    }

    private static function address(): string
    {
        return self::isStandIn()
            ? URL::signedRoute('personnel-calendar')
            : config()->string('baton.personnel_calendar');
    }
}
