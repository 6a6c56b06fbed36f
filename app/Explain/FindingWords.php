<?php

declare(strict_types=1);

namespace App\Explain;

use App\Words\Words;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Rulebook;

/** What a check has found, in words. */
final readonly class FindingWords
{
    /** As many of several as are named. */
    private const NAMED = 3;

    private FieldCatalogue $fields;

    /** @var array<string, string> by id */
    private array $names;

    /** @param FieldCatalogue|null $fields in the language of the reader; null: as the rulebook has them */
    public function __construct(
        private Words $words,
        Rulebook $rulebook,
        private ?Roster $roster,
        ?FieldCatalogue $fields = null,
    ) {
        $this->fields = $fields ?? $rulebook->fields;
        $this->names = array_column($rulebook->rules, 'name', 'id');
    }

    /** What is the matter. */
    public function say(Finding $finding): string
    {
        return $this->words->say("check.{$finding->kind}.say", $this->slots($finding));
    }

    /** What to do about it. */
    public function remedy(Finding $finding): string
    {
        return $this->words->say("check.{$finding->kind}.do", $this->slots($finding));
    }

    /** What a press does about it; null: there is none. */
    public function press(Finding $finding): ?string
    {
        return $finding->remedy === null
            ? null
            : $this->words->say("remedy.{$finding->remedy->kind->value}", [
                'rule' => $this->rule($finding->remedy->at),
            ]);
    }

    public function name(string $id): string
    {
        return $this->names[$id] ?? $id;
    }

    public function rule(string $id): string
    {
        return $this->words->say('trail.named', ['name' => $this->name($id)]);
    }

    /** @return array<string, string|int> */
    private function slots(Finding $finding): array
    {
        $slots = $finding->slots;
        $field = is_string($slots['field'] ?? null) ? $slots['field'] : null;
        $values = is_string($slots['values'] ?? null) ? explode("\n", $slots['values']) : [];
        $of = fn(string $path, string $value): string => $this->fields->any($path)->options[$value] ?? $value;

        return [
            'certainty' => $finding->certainty->value,
            'others' => $this->several(array_map($this->rule(...), $finding->others)),
            'count' => $slots['count'] ?? count($finding->others),
            'person' => ($this->roster->people[(string) ($slots['person'] ?? '')] ?? null)->name ?? '',
            'kind' => $of('task.kind', (string) ($slots['kind'] ?? '')),
            'field' => $field === null ? '' : $this->fields->any($field)->label ?? $field,
            'values' => $this->several(
                array_map(static fn(string $value): string => $of((string) $field, $value), $values),
            ),
        ] +
            $slots +
            $finding->figures + ['came' => 0, 'came_known' => isset($finding->figures['came']) ? 'yes' : 'no'];
    }

    /** @param list<string> $all */
    private function several(array $all): string
    {
        $more = count($all) - self::NAMED;

        return $more > 1
            ? $this->words->say('list.and_more', [
                'some' => implode(', ', array_slice($all, 0, self::NAMED)),
                'count' => $more,
            ])
            : implode(', ', $all);
    }
}
