<?php

declare(strict_types=1);

namespace App\Tables;

use App\Models\House\TableImport;
use Carbon\CarbonImmutable;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use OpenBaton\Core\Document\Faults;

/** Carries a table out piece by piece; stopped half way, it goes on where it was. */
final class RunImport implements ShouldQueue
{
    use Dispatchable;
    use Queueable;

    private const PIECE = 50;

    /** Pieces of a job: others have their turn between two. */
    private const PIECES = 10;

    public int $tries = 5;

    public function __construct(private readonly string $importId) {}

    public function handle(ImportKinds $kinds): void
    {
        $import = TableImport::query()->with('user')->find($this->importId);
        /** @var list<array{line: int, document: array<string, mixed>}> $rows */
        $rows = (array) $import?->rows;
        for ($piece = 0; $piece < self::PIECES; ++$piece) {
            if ($import === null || $import->ended_at !== null) {
                return;
            }
            self::carryOut($import, $kinds->named($import->kind), array_slice($rows, $import->done, self::PIECE));
        }
        self::dispatch($this->importId);
    }

    /** @param list<array{line: int, document: array<string, mixed>}> $piece */
    private static function carryOut(TableImport $import, ImportKind $kind, array $piece): void
    {
        $rows = array_map(static fn(array $row): ImportRow => new ImportRow($row['line'], $row['document']), $piece);
        $counts = [ImportVerdict::MAKES => 0, ImportVerdict::CHANGES => 0];
        $faults = (array) $import->faults;
        foreach ($rows === [] ? [] : $kind->carryOut($rows, $import) as $verdict) {
            $counts[$verdict->what] = ($counts[$verdict->what] ?? 0) + 1;
            foreach (array_slice($verdict->faults, 0, Faults::MOST - count($faults)) as $fault) {
                $faults[] = ['line' => $verdict->line, 'message' => $fault->message, 'slots' => $fault->slots];
            }
        }
        $before = $import->done;
        $import->fill([
            'done' => $before + count($rows),
            'made' => $import->made + $counts[ImportVerdict::MAKES],
            'changed' => $import->changed + $counts[ImportVerdict::CHANGES],
            'faults' => $faults === [] ? null : $faults,
        ]);
        if ($import->done >= $import->total) {
            // What a table says is kept no longer than it is needed.
            $import->fill(['ended_at' => CarbonImmutable::now(), 'rows' => []]);
        }
        $saved = TableImport::query()->whereKey($import->id)->where('done', $before)->update($import->getDirty());
        // Where another worker has done the same piece, what it has counted stays.
        $saved === 1 ? $import->syncOriginal() : $import->refresh();
    }
}
