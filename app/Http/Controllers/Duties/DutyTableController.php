<?php

declare(strict_types=1);

namespace App\Http\Controllers\Duties;

use App\Duties\DutiesTable;
use App\Http\Viewer;
use App\Models\Duties\Duty;
use App\Models\House\House;
use App\Tables\TableWriter;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\People\Person;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** All standing duties as a table, which comes in again as it goes out. */
final readonly class DutyTableController
{
    private const PIECE = 500;

    public function __construct(private Viewer $viewer) {}

    public function __invoke(): StreamedResponse
    {
        Gate::authorize('shape', House::class);
        $names = self::names($this->viewer->snapshot()->roster->people);

        return TableWriter::response('duties', static function (TableWriter $table) use ($names): void {
            $table->line(array_values(DutiesTable::MEMBERS));
            foreach (Duty::query()->orderBy('slug')->lazy(self::PIECE) as $duty) {
                $table->line(self::cells((array) $duty->document, $names));
            }
        });
    }

    /**
     * @param array<array-key, mixed>  $document
     * @param array<array-key, string> $names    of people, by id
     *
     * @return list<mixed> in the order of the columns
     */
    private static function cells(array $document, array $names): array
    {
        $cells = [];
        foreach (DutiesTable::MEMBERS as $member => $column) {
            $value = data_get($document, str_replace('/', '.', $member));
            $cells[] = match ($column) {
                'minutes' => is_string($value) ? Duration::parse($value) : null,
                'people' => array_map(
                    static fn(mixed $id): string => is_string($id) ? $names[$id] ?? $id : '',
                    is_array($value) ? array_values($value) : [],
                ),
                default => $value,
            };
        }

        return $cells;
    }

    /**
     * @param array<array-key, Person> $people
     *
     * @return array<array-key, string> the names that are somebody's alone, by their id
     */
    private static function names(array $people): array
    {
        $names = array_map(static fn(Person $one): string => $one->name, $people);
        $of = array_count_values($names);

        return array_filter($names, static fn(string $name): bool => $of[$name] === 1);
    }
}
