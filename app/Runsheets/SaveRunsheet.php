<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\House\House;
use App\Models\Runsheets\Runsheet;
use App\Models\Runsheets\RunsheetVersion;
use App\Refusals\RunsheetMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RunsheetFormat;

/** Keeps a draft of a runsheet, publishes it, or throws it away. Publishing moves no run. */
final readonly class SaveRunsheet
{
    public function __construct(private ReadRunsheet $read) {}

    /**
     * @param Node     $document of a runsheet; one that has its id is changed, else it is another one
     * @param int|null $seen     revision of the runsheet from which it was written; 0: it is to be a new one; null: it
     *                           takes the place of whatever is there
     *
     * @throws DocumentError with all that is wrong with it
     * @throws RunsheetMovedOn  where somebody else has changed it since
     */
    public function draft(Node $document, Actor $by, ?int $seen = null): Runsheet
    {
        $sheet = ($this->read)($document);

        return DB::transaction(function () use ($document, $sheet, $by, $seen): Runsheet {
            House::query()->lockForUpdate()->firstOrFail();
            $row = Runsheet::query()->firstOrNew(
                ['slug' => $sheet->id],
                [
                    'name' => $sheet->name,
                    'position' => 1 + Runsheet::query()->count(),
                    'revision' => 0,
                ],
            );
            if ($seen === 0 && $row->exists) {
                throw $document->get('id')->fail('There is a runsheet "{id}" already.', id: $sheet->id);
            }
            if ($seen !== null && $row->revision !== $seen) {
                throw RunsheetMovedOn::since($row);
            }
            $row->draft = RunsheetFormat::write($sheet);
            ++$row->revision;
            $row->save();
            Audit::record($by, 'house', 'runsheet_drafted', 'Runsheet changed', $row);

            return $row;
        }, attempts: 3);
    }

    /** @throws RunsheetMovedOn where somebody else has saved another draft, or there is none */
    public function publish(Runsheet $sheet, int $seen, Actor $by): void
    {
        DB::transaction(function () use ($sheet, $seen, $by): void {
            House::query()->lockForUpdate()->firstOrFail();
            $row = $this->locked($sheet, $seen);
            // The house may have changed since it was saved.
            $read = ($this->read)(Node::root($row->draft));
            $version = RunsheetVersion::query()->create([
                'runsheet_id' => $row->id,
                'number' => 1 + $row->versions()->count(),
                'document' => RunsheetFormat::write($read),
                'published_by' => $by->user?->id,
                'published_at' => CarbonImmutable::now(),
            ]);
            $row->fill([
                'name' => $read->name,
                'about' => $read->about->value,
                'draft' => null,
                'published_id' => $version->id,
            ]);
            ++$row->revision;
            $row->save();
            House::query()->increment('roster_revision');
            Audit::record($by, 'house', 'runsheet_published', 'Runsheet published', $row);
        }, attempts: 3);
    }

    /** @throws RunsheetMovedOn where somebody else has saved another draft, or there is none */
    public function discard(Runsheet $sheet, int $seen, Actor $by): void
    {
        DB::transaction(function () use ($sheet, $seen, $by): void {
            $row = $this->locked($sheet, $seen);
            $row->draft = null;
            ++$row->revision;
            $row->published_id === null ? $row->delete() : $row->save();
            Audit::record($by, 'house', 'runsheet_discarded', 'Draft of a runsheet thrown away', $row);
        }, attempts: 3);
    }

    private function locked(Runsheet $sheet, int $seen): Runsheet
    {
        $row = Runsheet::query()->lockForUpdate()->find($sheet->id);

        return $row === null || $row->draft === null || $row->revision !== $seen
            ? throw RunsheetMovedOn::since($sheet)
            : $row;
    }
}
