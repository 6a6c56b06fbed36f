<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Node;
use stdClass;

/** Criteria in words, without markup: as describe.ts says them in the editor. */
final readonly class CriteriaWords
{
    public function __construct(private HouseWords $house) {}

    /** @param Node $criteria as in a rule document */
    public function say(Node $criteria, bool $nested = false): string
    {
        foreach (['all' => 'rule.and', 'any' => 'rule.or', 'none' => 'rule.or'] as $kind => $between) {
            if (!$criteria->has($kind)) {
                continue;
            }
            $parts = array_map(fn(Node $part): string => $this->say($part, true), $criteria->itemsOf($kind));
            $joined = implode($this->house->words->say($between), $parts);

            return match (true) {
                $kind === 'none' => $this->house->words->say('rule.none', ['criteria' => $joined]),
                $nested && count($parts) > 1 => "({$joined})",
                default => $joined,
            };
        }

        return $this->comparison($criteria);
    }

    private function comparison(Node $comparison): string
    {
        $path = $comparison->get('field')->text();

        return $this->house->field($path) . ' ' . $this->asked($comparison, $path);
    }

    /** What a comparison asks of its field. */
    public function asked(Node $comparison, string $path): string
    {
        $operator = $comparison->get('op')->text();
        $operand = $comparison->find('value')?->value;

        return $this->house->words->say("operator.{$operator}", [
            'value' => $this->house->operand(
                $path,
                $operator,
                $operand instanceof stdClass ? (array) $operand : $operand,
            ),
            'value_count' => is_int($operand) ? $operand : 0,
        ]);
    }
}
