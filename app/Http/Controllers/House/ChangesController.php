<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Http\Pages\House\ChangeLines;
use App\Http\Requests\House\ChangesRequest;
use App\Models\Access\User;
use App\Tables\TableWriter;
use App\Words\Words;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Who changed what in the house: one list of all, for leads. */
final class ChangesController
{
    private const PAGE = 50;

    private const PIECE = 500;

    /** Lines of a table at once. */
    private const MOST = 100_000;

    public function index(ChangesRequest $request, ChangeLines $lines): Response
    {
        $records = $request
            ->changes()
            ->with('causer')
            ->limit(self::PAGE + 1)
            ->get();
        $shown = $records->take(self::PAGE);

        return Inertia::render('House/Changes', [
            'asked' => (object) $request->asked(),
            'changes' => $lines->of($shown),
            'earlier' => $records->count() > self::PAGE ? (int) $shown->last()?->id : null,
            'people' => array_values(
                User::query()
                    ->orderBy('name')
                    ->get(['id', 'name'])
                    ->map(static fn(User $one): array => ['value' => $one->id, 'label' => $one->name])
                    ->all(),
            ),
            'logs' => ChangesRequest::LOGS,
        ]);
    }

    public function export(ChangesRequest $request, ChangeLines $lines, Words $words): StreamedResponse
    {
        $changes = $request->changes()->with('causer');

        return TableWriter::response('changes', static function (TableWriter $table) use (
            $changes,
            $lines,
            $words,
        ): void {
            $table->line(
                array_map(static fn(string $column): string => $words->say("audit.columns.{$column}"), [
                    'at',
                    'who',
                    'said',
                    'member',
                    'before',
                    'after',
                ]),
            );
            foreach ($changes->lazyByIdDesc(self::PIECE, 'id')->take(self::MOST)->chunk(self::PIECE) as $piece) {
                foreach ($lines->of($piece->collect()) as $line) {
                    foreach (
                        $line['lines'] === [] ? [['label' => '', 'before' => '', 'after' => '']] : $line['lines']
                        as $one
                    ) {
                        $table->line([
                            $line['at'],
                            $line['who'],
                            $line['said'],
                            $one['label'],
                            $one['before'],
                            $one['after'],
                        ]);
                    }
                }
            }
        });
    }
}
