<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tables;

use App\Access\Audit;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\House\TableImport;
use App\Tables\ImportKind;
use App\Tables\ImportKinds;
use App\Tables\ImportRow;
use App\Tables\ImportVerdict;
use App\Tables\LookAtTable;
use App\Tables\RunImport;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Slots;
use OutOfBoundsException;

/** Tables that come in, as a file or pasted: looked at first, then carried out in the background with progress. */
final class ImportController
{
    /** Lines of a preview that are told one by one. */
    private const SHOWN = 200;

    /** What every line of the table would do; nothing is done. */
    public function preview(string $what, Request $request, ImportKinds $kinds, Words $words): JsonResponse
    {
        [, $verdicts] = LookAtTable::of(self::kind($what, $kinds), (string) $request->getContent());
        $counts = array_count_values(array_column($verdicts, 'what'));
        // Those that are wrong first: they are what is to be done.
        usort(
            $verdicts,
            static fn(ImportVerdict $a, ImportVerdict $b): int => [$a->faults === [], $a->line] <=> [
                $b->faults === [],
                $b->line,
            ],
        );

        return new JsonResponse([
            'counts' => (object) $counts,
            'lines' => array_map(
                static fn(ImportVerdict $one): array => [
                    'line' => $one->line,
                    'what' => $one->what,
                    'label' => $one->label,
                    'faults' => array_map(
                        static fn(Fault $fault): array => [
                            'at' => ltrim((string) preg_replace('#^/line \d+#', '', $fault->pointer), '/'),
                            'said' => $words->fault($fault),
                        ],
                        $one->faults,
                    ),
                ],
                array_slice($verdicts, 0, self::SHOWN),
            ),
            'more' => max(0, count($verdicts) - self::SHOWN),
        ]);
    }

    /** @throws DocumentError where a line is not right: then nothing is done */
    public function store(string $what, Request $request, ImportKinds $kinds, Viewer $viewer): JsonResponse
    {
        [$rows, $verdicts] = LookAtTable::of(self::kind($what, $kinds), (string) $request->getContent());
        $faults = array_merge(...array_column($verdicts, 'faults'));
        if ($faults !== []) {
            throw new DocumentError($faults);
        }
        $import = DB::transaction(static function () use ($what, $rows, $viewer): TableImport {
            $import = TableImport::query()->create([
                'kind' => $what,
                'user_id' => $viewer->user()->id,
                'rows' => array_map(
                    static fn(ImportRow $row): array => ['line' => $row->line, 'document' => $row->document],
                    $rows,
                ),
                'total' => count($rows),
                'begun_at' => CarbonImmutable::now(),
            ]);
            Audit::record($viewer->actor(), 'house', 'table_taken', "took a table of {$what} in", $import, [
                'lines' => count($rows),
            ]);

            return $import;
        });
        RunImport::dispatch($import->id);

        return new JsonResponse(['id' => $import->id, 'total' => $import->total], 202);
    }

    /** How far it is. */
    public function show(TableImport $import, Words $words): JsonResponse
    {
        Gate::authorize('bringInTables', House::class);
        $faults = [];
        foreach ((array) $import->faults as $fault) {
            /** @var array{line: int, message: string, slots: array<array-key, string|int>} $fault */
            $faults[] = [
                'line' => $fault['line'],
                'said' => Slots::fill($words->sentence($fault['message']), $fault['slots']),
            ];
        }

        return new JsonResponse([
            'total' => $import->total,
            'done' => $import->done,
            'made' => $import->made,
            'changed' => $import->changed,
            'faults' => $faults,
            'ended' => $import->ended_at !== null,
        ]);
    }

    private static function kind(string $code, ImportKinds $kinds): ImportKind
    {
        Gate::authorize('bringInTables', House::class);
        try {
            return $kinds->named($code);
        } catch (OutOfBoundsException) {
            abort(404);
        }
    }
}
