<?php

declare(strict_types=1);

namespace App\Rules;

use App\Bridge\RulebookReader;
use App\Bridge\Snapshot;
use App\Models\Rules\RulebookVersion;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Check\FixedPool;
use OpenBaton\Core\People\Person;

/**
 * Finds rules by what stands in them as people call it: names, people, teams, skills, fields, values; and by whom they
 * can give to.
 */
final readonly class FindRules
{
    public function __construct(private RulebookReader $rulebooks) {}

    /**
     * @param string $text every word of it has to be in the rule
     *
     * @return list<string> ids, in the order of the rulebook
     */
    public function __invoke(RulebookVersion $version, Snapshot $house, string $text): array
    {
        $words = array_filter(explode(' ', mb_strtolower(trim($text))));
        $labels = self::labels($house);
        $given = $this->given($version, $house);
        $found = [];
        foreach ((array) $version->rules as $rule) {
            $id = is_array($rule) ? $rule['id'] ?? null : null;
            if (!is_array($rule) || !is_string($id)) {
                continue;
            }
            $said = [$given[$id] ?? ''];
            array_walk_recursive($rule, static function (mixed $value) use (&$said, $labels): void {
                if (is_string($value)) {
                    array_push($said, $value, ...$labels[$value] ?? []);
                }
            });
            $said = mb_strtolower(implode("\n", $said));
            if (array_filter($words, static fn(string $word): bool => !str_contains($said, $word)) === []) {
                $found[] = $id;
            }
        }

        return $found;
    }

    /** @return array<string, string> names of those whom a rule can give to, where they are the same for every task */
    private function given(RulebookVersion $version, Snapshot $house): array
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $rules = $this->rulebooks->compileDraft(array_values((array) $version->rules), $house)->rulebook->rules;
        $given = [];
        foreach ($rules as $rule) {
            $pool = $rule->give === null ? null : FixedPool::of($rule->give, $house->roster, $now);
            $given[$rule->id] = implode(
                "\n",
                array_map(static fn(Person $one): string => $one->name, $pool->eligible ?? []),
            );
        }

        return $given;
    }

    /** @return array<array-key, list<string>> what people call it, by what stands in documents */
    private static function labels(Snapshot $house): array
    {
        $labels = [];
        foreach ($house->roster->people as $id => $person) {
            $labels[$id][] = $person->name;
        }
        foreach ($house->roster->teams as $id => $team) {
            $labels[$id][] = $team->name;
        }
        foreach ($house->roster->skills as $id => $name) {
            $labels[$id][] = $name;
        }
        foreach ($house->checklists as $id => $list) {
            $labels[$id][] = $list->name;
        }
        foreach ($house->catalogue->all() as $path => $field) {
            $labels[$path][] = $field->label;
            foreach ($field->options as $value => $label) {
                $labels[$value][] = $label;
            }
        }

        return $labels;
    }
}
