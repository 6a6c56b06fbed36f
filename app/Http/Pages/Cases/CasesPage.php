<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Cases\CaseFilter;
use App\Cases\ListedCases;
use App\Fields\Choices;
use App\Http\Pages\Runsheets\RunsheetChoices;
use App\Http\Pages\Tasks\NamedListLines;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Models\Runsheets\Run;
use App\Models\Tasks\TaskList;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Subject\SubjectKind;

/** Cases as a list, by pages, with what it can be narrowed by. Its type is CasesPage.ts. */
final readonly class CasesPage
{
    private const PAGE = 100;

    public function __construct(private Viewer $viewer, private ListedCases $listed) {}

    /** @return array<string, mixed> */
    public function props(CaseFilter $filter, int $page): array
    {
        $house = $this->viewer->snapshot();
        $cases = $this->listed->of($filter, $this->viewer->user());
        $total = $cases->clone()->count();
        $pages = max(1, (int) ceil($total / self::PAGE));
        $page = max(1, min($page, $pages));
        $late = $this->listed->lateSince();
        $rows = $this->listed
            ->inOrder($cases, $filter)
            ->with(['customer', 'owner'])
            ->forPage($page, self::PAGE)
            ->get();

        return [
            'filter' => (object) $filter->params(),
            'rows' => array_values(
                $rows->map(static fn(CustomerCase $one): array => CaseLine::of($one, $house, $late))->all(),
            ),
            'total' => $total,
            'page' => $page,
            'pages' => $pages,
            'tracks' => self::tracks($house->tracks),
            'people' => Choices::people($house->roster),
            'of' => Customer::query()->where('slug', $filter->get('customer'))->value('name'),
            'sheets' => $this->viewer->user()->can('viewAny', Run::class)
                ? RunsheetChoices::about(SubjectKind::Matter)
                : [],
            'lists' => NamedListLines::of(TaskList::CASES, $this->viewer->user()),
            'mayOpen' => $this->viewer->user()->can('create', CustomerCase::class) && $house->tracks !== [],
            'mayLay' => $this->viewer->user()->can('shape', House::class),
        ];
    }

    /**
     * @param array<array-key, Track> $tracks
     *
     * @return list<array{value: string, label: string, stages: list<array{value: string, label: string}>}>
     */
    public static function tracks(array $tracks): array
    {
        return array_values(
            array_map(
                static fn(Track $track): array => [
                    'value' => $track->id,
                    'label' => $track->name,
                    'stages' => array_values(
                        array_map(
                            static fn(Stage $stage): array => ['value' => $stage->key, 'label' => $stage->name],
                            array_filter($track->stages, static fn(Stage $stage): bool => !$stage->retired),
                        ),
                    ),
                ],
                $tracks,
            ),
        );
    }
}
