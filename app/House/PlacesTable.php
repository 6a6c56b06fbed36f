<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Models\House\TableImport;
use App\Models\People\Place;
use App\Tables\ImportKind;
use App\Tables\ImportRow;
use App\Tables\ImportVerdict;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;

/**
 * The tree of places as a table: a line for each, after the one in which it lies. Whoever has no id is known by the
 * name, within what is said of where it lies. What is empty is not said.
 */
final class PlacesTable implements ImportKind
{
    public const COLUMNS = [
        'id' => [],
        'name' => ['place'],
        'in' => ['lies in', 'part of'],
        'responsible' => [],
        'deputy' => [],
    ];

    private const MOST = 20_000;

    /** @var list<Place> that the rows which were looked at would make */
    private array $coming = [];

    /** @var array<string, int> lines in which a place has come, by its id */
    private array $seen = [];

    public function __construct(private readonly SavePlace $save) {}

    public static function code(): string
    {
        return 'places';
    }

    public static function most(): int
    {
        return self::MOST;
    }

    public function columns(): array
    {
        return self::COLUMNS;
    }

    public function needed(): array
    {
        return [['name', 'id']];
    }

    public function document(array $cells): array
    {
        $document = [];
        foreach ($cells as $column => $cell) {
            $document[$column] = $cell->text;
        }

        return $document;
    }

    public function look(array $rows): array
    {
        $piece = new PlacesPiece($rows, $this->coming);

        return array_map(
            fn(ImportRow $row): ImportVerdict => self::told($row, fn(): string => $this->wouldDo($row, $piece)),
            $rows,
        );
    }

    public function carryOut(array $rows, TableImport $import): array
    {
        $by = Actor::user($import->user()->firstOrFail());

        return DB::transaction(function () use ($rows, $by): array {
            $piece = new PlacesPiece($rows);

            return array_map(
                fn(ImportRow $row): ImportVerdict => self::told($row, fn(): string => $this->does($row, $piece, $by)),
                $rows,
            );
        }, attempts: 3);
    }

    /** @return ImportVerdict::MAKES|ImportVerdict::CHANGES|ImportVerdict::SAME */
    private function does(ImportRow $row, PlacesPiece $piece, Actor $by): string
    {
        $place = $piece->place($row);
        $saved = ($this->save)($place, $piece->document($row, $place), $by, $piece->reader);
        $piece->put($saved->load('parent'));

        return match (true) {
            $place === null => ImportVerdict::MAKES,
            $saved->wasChanged() => ImportVerdict::CHANGES,
            default => ImportVerdict::SAME,
        };
    }

    /** @return ImportVerdict::MAKES|ImportVerdict::CHANGES|ImportVerdict::SAME */
    private function wouldDo(ImportRow $row, PlacesPiece $piece): string
    {
        $place = $piece->place($row);
        $known = $place?->slug;
        if (isset($this->seen[$known ?? ''])) {
            throw DocumentError::at('', 'This is the same place as in line {line}.', line: $this->seen[$known]);
        }
        $terms = $piece->reader->read($piece->document($row, $place), $place);
        if ($place === null) {
            // No id has a blank.
            $place = new Place(['slug' => "line {$row->line}"] + $terms->columns);
            $this->coming[] = $place->setRelation('parent', $terms->parent);
            $piece->put($place);
        }
        $this->seen[$place->slug] = $row->line;

        return match (true) {
            !$place->exists => ImportVerdict::MAKES,
            $terms->change($place) => ImportVerdict::CHANGES,
            default => ImportVerdict::SAME,
        };
    }

    /** @param callable(): (ImportVerdict::MAKES|ImportVerdict::CHANGES|ImportVerdict::SAME) $do */
    private static function told(ImportRow $row, callable $do): ImportVerdict
    {
        $label = $row->text('name') ?: $row->text('id');
        try {
            return new ImportVerdict($row->line, $do(), $label);
        } catch (DocumentError $error) {
            return ImportVerdict::wrong($row->line, $label, $error);
        }
    }
}
