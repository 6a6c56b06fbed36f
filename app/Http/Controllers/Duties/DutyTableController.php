<?php

declare(strict_types=1);

namespace App\Http\Controllers\Duties;

use App\Bridge\Snapshot;
use App\Duties\DutiesTable;
use App\Http\Viewer;
use App\Models\Duties\Duty;
use App\Models\House\House;
use App\Tables\TableWriter;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Duration;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** All standing duties as a table, which comes in again as it goes out. */
final readonly class DutyTableController
{
    private const PIECE = 500;

    public function __construct(private Viewer $viewer) {}

    public function __invoke(): StreamedResponse
    {
        Gate::authorize('shape', House::class);
        $house = $this->viewer->snapshot();

        return TableWriter::response('duties', static function (TableWriter $table) use ($house): void {
            $table->line(array_values(DutiesTable::MEMBERS));
            foreach (Duty::query()->orderBy('slug')->lazy(self::PIECE) as $duty) {
                $table->line(self::cells((array) $duty->document, $house));
            }
        });
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return list<mixed> in the order of the columns
     */
    private static function cells(array $document, Snapshot $house): array
    {
        $cells = [];
        foreach (DutiesTable::MEMBERS as $member => $column) {
            $value = data_get($document, str_replace('/', '.', $member));
            $cells[] = match ($column) {
                'minutes' => is_string($value) ? Duration::parse($value) : null,
                'people' => array_map(
                    static fn(mixed $id): string => self::person(is_string($id) ? $id : '', $house),
                    is_array($value) ? array_values($value) : [],
                ),
                default => $value,
            };
        }

        return $cells;
    }

    /** The name of somebody, or their id where it is not theirs alone. */
    private static function person(string $id, Snapshot $house): string
    {
        $name = $house->roster->people[$id]->name ?? $id;
        $of = array_filter($house->roster->people, static fn($one): bool => $one->name === $name);

        return count($of) === 1 ? $name : $id;
    }
}
