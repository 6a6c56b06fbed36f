<?php

declare(strict_types=1);

namespace OpenBaton\Core\Table;

use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Parameter\Control;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;

/** Goes through a rule document, takes up its values and leaves its shape. */
final class RuleWalk
{
    private const GIVES = ['pool' => Family::Pool, 'method' => Family::Method, 'otherwise' => Family::Otherwise];

    /** Types of parameters whose values belong to the shape: there are several sorts of them. */
    private const SHAPES = [Control::FieldChange, Control::PeopleOrTeam, Control::LimitKind];

    /** @var array<string, RuleCell> */
    private array $cells = [];

    public function __construct(private readonly KindRegistry $kinds) {}

    /** @return array<string, RuleCell> by pointer, in the order of reading */
    public function cells(): array
    {
        return $this->cells;
    }

    /**
     * @param array<array-key, mixed> $rule
     *
     * @return array<string, mixed> its shape
     */
    public function rule(array $rule): array
    {
        return [
            'when' => $this->parts($rule['when'] ?? [], Family::Event, '/when'),
            'if' => $this->criteria($rule['if'] ?? ['all' => []], '/if'),
            'give' => $this->give($rule['give'] ?? null),
            'then' => $this->parts($rule['then'] ?? [], Family::FollowUp, '/then'),
        ];
    }

    private function give(mixed $give): mixed
    {
        if (!is_array($give)) {
            return $give;
        }
        $shape = [];
        foreach (['seat' => 'holder', 'anew' => false, 'substitutes' => false] as $member => $usual) {
            $shape[$member] = $give[$member] ?? $usual;
        }
        foreach (self::GIVES as $member => $family) {
            $shape[$member] = $this->part($give[$member] ?? null, $family, "/give/{$member}");
        }
        $shape['limits'] = $this->parts($give['limits'] ?? [], Family::Limit, '/give/limits');

        return $shape;
    }

    private function criteria(mixed $criteria, string $pointer): mixed
    {
        if (!is_array($criteria)) {
            return $criteria;
        }
        foreach (GroupKind::cases() as $kind) {
            $parts = $criteria[$kind->value] ?? null;
            if (is_array($parts)) {
                $at = "{$pointer}/{$kind->value}";

                return [
                    $kind->value => array_map(
                        fn(mixed $part, int|string $place): mixed => $this->criteria($part, "{$at}/{$place}"),
                        $parts,
                        array_keys($parts),
                    ),
                ];
            }
        }
        [$field, $operator] = [$criteria['field'] ?? null, $criteria['op'] ?? null];
        $value = $criteria['value'] ?? null;
        if (!is_string($field) || !is_string($operator) || !self::isPlain($value)) {
            return $criteria;
        }
        if (array_key_exists('value', $criteria)) {
            $this->cells["{$pointer}/value"] = new RuleCell("{$pointer}/value", $value, $field, $operator);
        }

        return [$field, $operator];
    }

    private function parts(mixed $parts, Family $family, string $pointer): mixed
    {
        return is_array($parts)
            ? array_map(
                fn(mixed $part, int|string $place): mixed => $this->part($part, $family, "{$pointer}/{$place}"),
                $parts,
                array_keys($parts),
            )
            : $parts;
    }

    private function part(mixed $part, Family $family, string $pointer): mixed
    {
        $kind = is_array($part) ? $part['kind'] ?? null : null;
        $class = is_string($kind) ? $this->kinds->of($family)[$kind] ?? null : null;
        if (!is_array($part) || $class === null) {
            return $part;
        }
        $shape = ['kind' => $kind];
        foreach ($class::parameters() as $parameter) {
            $shape[$parameter->name] = $this->parameter(
                new RuleCell(
                    "{$pointer}/{$parameter->name}",
                    $part[$parameter->name] ?? null,
                    family: $family,
                    kind: $kind,
                    parameter: $parameter,
                ),
                $parameter,
            );
        }

        return $shape;
    }

    private function parameter(RuleCell $cell, Parameter $parameter): mixed
    {
        $type = $parameter->type;
        $value = $cell->value;
        if ($type instanceof PartOf) {
            return $value === null ? null : $this->part($value, $type->family, $cell->pointer);
        }
        if ($type instanceof ListOf && $type->of instanceof PartOf) {
            return $this->parts($value, $type->of->family, $cell->pointer);
        }
        if ($type::control() === Control::Assignment) {
            $field = is_array($value) ? $value['field'] ?? null : null;
            $set = is_array($value) ? $value['value'] ?? null : null;
            if (!is_string($field) || !self::isPlain($set)) {
                return $value;
            }
            $this->cells["{$cell->pointer}/value"] = new RuleCell(
                "{$cell->pointer}/value",
                $set,
                $field,
                family: $cell->family,
                kind: $cell->kind,
            );

            return $field;
        }
        if (in_array($type::control(), self::SHAPES, true) || !self::isPlain($value)) {
            return $value;
        }
        $this->cells[$cell->pointer] = $cell;

        return '';
    }

    /** One value, or a list of such. */
    private static function isPlain(mixed $value): bool
    {
        return $value === null ||
            is_scalar($value) ||
            (is_array($value) && array_is_list($value) && array_filter($value, is_scalar(...)) === $value);
    }
}
