<?php

declare(strict_types=1);

namespace App\Http\Pages\Rules;

use App\Http\Viewer;
use App\RuleTables\AlikeRules;
use App\RuleTables\RuleTable;
use Closure;

/** Rules that stand together and are alike as a table, of those that are worked on. Its type is RuleTablePage.ts. */
final readonly class RuleTablePage
{
    public function __construct(private Viewer $viewer, private RulebookPage $rulebook) {}

    /**
     * @param string $id       of one of them
     * @param int    $revision read before the draft itself
     *
     * @return array<string, Closure(): mixed>
     */
    public function props(string $id, int $revision): array
    {
        return [
            'table' => fn(): array => [
                'rule' => $id,
                'ids' => $this->ids($id),
                'elsewhere' => $this->elsewhere($id),
                'columns' => $this->columns($id),
            ],
            'firstRules' => fn(): array => $this->rulebook
                ->rules()
                ->only([...$this->ids($id), ...$this->elsewhere($id)]),
        ] + $this->rulebook->props($revision);
    }

    /** @return list<string> ids of the rules that stand with one and are alike */
    public function ids(string $id): array
    {
        return once(fn(): array => AlikeRules::around($this->rulebook->rules()->byId(), $id));
    }

    /** @return list<string> ids of the rules that are alike and stand elsewhere */
    private function elsewhere(string $id): array
    {
        return once(fn(): array => AlikeRules::elsewhere($this->rulebook->rules()->byId(), $this->ids($id)));
    }

    /** @return list<array{rule: string, name: string, rows: int}> the tables of the rulebook, by their first rules */
    public function all(): array
    {
        $rules = $this->rulebook->rules();

        return array_map(
            static fn(array $ids): array => [
                'rule' => $ids[0],
                'name' => is_string($rules->find($ids[0])['name'] ?? null) ? $rules->find($ids[0])['name'] : '',
                'rows' => count($ids),
            ],
            AlikeRules::runs($rules->byId()),
        );
    }

    /** @return list<array{pointer: string, label: string}> */
    private function columns(string $id): array
    {
        $rule = $this->rulebook->rules()->find($id);
        $columns = $rule === null ? [] : $this->table($rule)->columns();

        return array_map(
            static fn(string $pointer, string $label): array => ['pointer' => $pointer, 'label' => $label],
            array_keys($columns),
            array_values($columns),
        );
    }

    /** @param mixed $rule one of its documents */
    public function table(mixed $rule): RuleTable
    {
        return new RuleTable(AlikeRules::plain($rule), $this->viewer->snapshot(), $this->viewer->words());
    }
}
