<?php

declare(strict_types=1);

namespace App\Http\Pages\Duties;

use App\Duties\DutyLedgers;
use App\Duties\DutyTask;
use App\Duties\ReadDuty;
use App\Explain\DutyWords;
use App\Http\Pages\Moment;
use App\Http\Pages\Rules\RulebookPage;
use App\Http\Viewer;
use App\Models\Duties\Duty as DutyRow;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Duty\DutyDate;
use OpenBaton\Core\Flow\Duty\DutyDates;
use OpenBaton\Core\Flow\Duty\DutyLedger;
use OpenBaton\Core\Time\LocalDate;

/** What a duty that is written would do: what stands against it, and when its next tasks come. */
final readonly class DutyPreview
{
    private const DATES = 12;

    public function __construct(private Viewer $viewer, private DutyTask $tasks) {}

    /** @return array<string, mixed> */
    public function of(Node $document): array
    {
        $house = $this->viewer->snapshot();
        try {
            $duty = ReadDuty::checked($document, $house);
        } catch (DocumentError $error) {
            return ['faults' => RulebookPage::faults($error->faults), 'says' => null, 'dates' => []];
        }
        $next = (new DutyDates($house->roster->house))->next($duty, $this->ledger($duty), self::DATES);

        return [
            'faults' => [],
            'says' => (new DutyWords($this->viewer->words()))->sentence($duty),
            'dates' => array_map(fn(DutyDate $date): array => $this->line($duty, $date), $next),
        ];
    }

    /** As it would be on saving it. */
    private function ledger(Duty $duty): DutyLedger
    {
        $row = DutyRow::query()->where('slug', $duty->id)->first();
        $today = $this->viewer
            ->snapshot()
            ->roster->house->zone()
            ->dateAt(CarbonImmutable::now()->getTimestamp());
        if ($row === null) {
            return new DutyLedger($today->plus(-1));
        }
        $known = DutyLedgers::of($row);
        // Of what is open it is not said when it will be done: the dates are shown as if it were.
        $through = new LocalDate(max($known->through->day, $today->day - 1));

        return new DutyLedger($through, $known->made, [], $known->endedAt, $known->dates);
    }

    /** @return array<string, mixed> */
    private function line(Duty $duty, DutyDate $date): array
    {
        $moment = static fn(?int $at): ?string => $at === null
            ? null
            : Moment::of(CarbonImmutable::createFromTimestampUTC($at));

        return [
            'key' => $date->key->format(),
            'date' => $date->date->format(),
            'appears' => $moment($date->appearsAt),
            'due' => $moment($date->dueAt),
            'title' => $this->tasks->titleOn($duty, $date, $this->viewer->house()),
        ];
    }
}
