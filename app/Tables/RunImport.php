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
        for ($piece = 0; $piece < self::PIECES; ++$piece) {
            $import = TableImport::query()->with('user')->find($this->importId);
            if ($import === null || $import->ended_at !== null) {
                return;
            }
            self::carryOut($import, $kinds->named($import->kind));
        }
        self::dispatch($this->importId);
    }

    private static function carryOut(TableImport $import, ImportKind $kind): void
    {
        $rows = [];
        foreach (array_slice((array) $import->rows, $import->done, self::PIECE) as $row) {
            /** @var array{line: int, document: array<string, mixed>} $row */
            $rows[] = new ImportRow($row['line'], $row['document']);
        }
        $counts = [ImportVerdict::MAKES => 0, ImportVerdict::CHANGES => 0];
        $faults = (array) $import->faults;
        foreach ($rows === [] ? [] : $kind->carryOut($rows, $import) as $verdict) {
            $counts[$verdict->what] = ($counts[$verdict->what] ?? 0) + 1;
            foreach (array_slice($verdict->faults, 0, Faults::MOST - count($faults)) as $fault) {
                $faults[] = ['line' => $verdict->line, 'message' => $fault->message, 'slots' => $fault->slots];
            }
        }
        $done = $import->done + count($rows);
        // Another worker may have done the same piece: what it has counted stays.
        TableImport::query()
            ->whereKey($import->id)
            ->where('done', $import->done)
            ->update([
                'done' => $done,
                'made' => $import->made + $counts[ImportVerdict::MAKES],
                'changed' => $import->changed + $counts[ImportVerdict::CHANGES],
                'faults' => $faults === [] ? null : json_encode($faults, JSON_THROW_ON_ERROR),
                'ended_at' => $done >= $import->total ? CarbonImmutable::now() : null,
                // What a table says is kept no longer than it is needed.
                ...$done >= $import->total ? ['rows' => '[]'] : [],
            ]);
    }
}
