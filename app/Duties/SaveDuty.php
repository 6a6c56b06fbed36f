<?php

declare(strict_types=1);

namespace App\Duties;

use App\Access\Actor;
use App\Bridge\SnapshotSource;
use App\House\ChangeHouse;
use App\Models\Duties\Duty as DutyRow;
use App\Refusals\DutyMovedOn;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\DutyFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Duty\DutyTick;
use OpenBaton\Core\Time\LocalDate;

/** Keeps a standing duty: a new one, or one that is otherwise from now on. What it has made stays as it is. */
final readonly class SaveDuty
{
    /** What says when it comes: where that changes, its dates are worked out anew from today on. */
    private const RHYTHM = ['comes', 'appears', 'off_day', 'until', 'count', 'pause'];

    public function __construct(private SnapshotSource $snapshots) {}

    /**
     * @param Node $document of a duty; one that has its id is changed, else it is another one
     * @param int  $seen     revision of the duty from which it was written; 0: it is to be a new one
     *
     * @throws DocumentError with all that is wrong with it
     * @throws DutyMovedOn   where somebody else has changed it since
     */
    public function __invoke(Node $document, int $seen, Actor $by): DutyRow
    {
        $house = $this->snapshots->current();
        $duty = ReadDuty::checked($document, $house);

        return ChangeHouse::run(
            $seen === 0 ? 'duty_made' : 'duty_changed',
            ($seen === 0 ? 'made' : 'changed') . " the standing duty {$duty->name}",
            $by,
            static function () use ($document, $duty, $seen, $house): DutyRow {
                // One that was ended gives its id to the next, and keeps what it has made.
                $row = DutyRow::withTrashed()->where('slug', $duty->id)->lockForUpdate()->first();
                $isThere = $row !== null && !$row->trashed();
                if ($seen === 0 && $isThere) {
                    throw $document->get('id')->fail('There is a duty "{id}" already.', id: $duty->id);
                }
                if ($seen !== 0 && (!$isThere || $row->revision !== $seen)) {
                    throw DutyMovedOn::since($isThere ? $row : null);
                }
                $row ??= new DutyRow(['slug' => $duty->id, 'revision' => 0]);
                self::put($row, $duty, $house->roster->house->zone()->dateAt(CarbonImmutable::now()->getTimestamp()));
                MakeDutyDate::lookAgain($row, $duty, new DutyTick($house->roster->house));
                $row->save();

                return $row;
            },
        );
    }

    private static function put(DutyRow $row, Duty $duty, LocalDate $today): void
    {
        $written = DutyFormat::write($duty);
        $comes = static fn(array $document): array => array_intersect_key($document, array_flip(self::RHYTHM));
        if (!$row->exists || $row->trashed() || $comes($row->document ?? []) !== $comes($written)) {
            $yesterday = $today->plus(-1)->format();
            $row->fill([
                'through' =>
                    $row->exists && !$row->trashed() ? min($yesterday, $row->through->format('Y-m-d')) : $yesterday,
            ]);
        }
        $row->fill(['name' => $duty->name, 'document' => $written, 'deleted_at' => null]);
        ++$row->revision;
    }
}
