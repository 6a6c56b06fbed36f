<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cases;

use App\Cases\CaseFilter;
use App\Cases\ListedCases;
use App\Http\Pages\Cases\CaseLine;
use App\Http\Requests\Cases\CaseListRequest;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Tables\TableWriter;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Parameter\Assignment;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The cases of a list as a table, all of them, as whoever asks sees them. */
final readonly class CaseTableController
{
    private const PIECE = 1_000;

    private const COLUMNS = [
        'number',
        'title',
        'track',
        'stage',
        'since',
        'customer',
        'owner',
        'opened',
        'closed',
        'outcome',
        'tags',
    ];

    public function __construct(private Viewer $viewer, private Words $words, private ListedCases $listed) {}

    public function __invoke(CaseListRequest $request): StreamedResponse
    {
        $filter = CaseFilter::of($request->given());
        $cases = $this->listed
            ->inOrder($this->listed->of($filter, $this->viewer->user()), $filter)
            ->with(['customer', 'owner']);
        $fields = $this->fields();

        return TableWriter::response('cases', function (TableWriter $table) use ($cases, $fields): void {
            $table->line([
                ...array_map(fn(string $column): string => $this->words->say("case.columns.{$column}"), self::COLUMNS),
                ...array_values($fields),
            ]);
            foreach ($cases->lazy(self::PIECE) as $case) {
                $table->line([...$this->cells($case), ...self::facts($case, array_keys($fields))]);
            }
        });
    }

    /** @return list<mixed> in the order of COLUMNS */
    private function cells(CustomerCase $case): array
    {
        $line = CaseLine::of($case, $this->viewer->snapshot(), []);

        return [
            $line['number'],
            $line['title'],
            $line['track'],
            $line['stage'],
            $line['since'],
            $line['customer'],
            $case->owner?->name,
            $line['openedAt'],
            $line['closedAt'],
            $line['outcome'],
            $line['tags'],
        ];
    }

    /** @return array<string, string> labels of the fields that the house has added to cases, by path */
    private function fields(): array
    {
        return array_map(
            static fn(Field $field): string => $field->label,
            array_filter(
                $this->viewer->snapshot()->catalogue->fields,
                static fn(Field $field): bool => Assignment::isSettableOfCase($field->path),
            ),
        );
    }

    /**
     * @param list<string> $paths
     *
     * @return list<mixed>
     */
    private static function facts(CustomerCase $case, array $paths): array
    {
        $facts = (array) $case->facts;

        return array_map(static fn(string $path): mixed => $facts[$path] ?? '', $paths);
    }
}
