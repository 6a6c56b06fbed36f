<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\ParameterType;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\PersonReference;
use OpenBaton\Core\Parameter\SkillReference;
use OpenBaton\Core\Parameter\TeamReference;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Time\WorkingSpan;

/**
 * Says parts of rules, from their documents, by the sentence of their kind.
 * resources/js/lib/describe.ts does the same on the pages; a test holds the
 * two against each other.
 *
 * For a parameter "x" the slot {x} is its value as one says it, {x_code} the
 * code of a yes or no or of a choice, {x_count} a number or how many a list has.
 */
final readonly class PartWords
{
    public function __construct(private HouseWords $house, private KindRegistry $kinds) {}

    /**
     * @param Node   $part    a document with its "kind"
     * @param string $variant "say", or another that falls back on it where the kind has no words of its own for it
     */
    public function say(Family $family, Node $part, string $variant = 'say'): string
    {
        $kind = $part->get('kind')->text();
        $path = "{$family->value}.{$kind}.";
        $words = $this->house->words;

        return $words->say($path.($words->has($path.$variant) ? $variant : 'say'), $this->slots($family, $kind, $part, $variant));
    }

    /**
     * Why a limit rules somebody out.
     *
     * @param string $kind    of a limit
     * @param Node   $figures of the trace
     */
    public function reason(string $kind, Node $figures): string
    {
        $path = Family::Limit->value.".{$kind}.";
        $slots = $this->slots(Family::Limit, $kind, $figures);
        foreach ((array) $figures->value as $name => $value) {
            $slots[(string) $name] ??= is_scalar($value) ? (string) $value : 'none';
        }
        $words = $this->house->words;

        return $words->has("{$path}reason")
            ? $words->say("{$path}reason", $slots)
            : $words->say('trail.excluded', ['limit' => $words->say("{$path}step", $slots)]);
    }

    /** @return array<string, string|int|float> */
    private function slots(Family $family, string $kind, Node $values, string $variant = 'say'): array
    {
        $slots = [];
        $class = $this->kinds->of($family)[$kind] ?? null;
        foreach ($class === null ? [] : $class::parameters() as $parameter) {
            $name = $parameter->name;
            $value = $values->find($name) ?? ($parameter->required ? null : Node::root($parameter->type->write($parameter->default)));
            if ($value === null) {
                continue;
            }
            $slots[$name] = $this->value($parameter->type, $name, $value, $variant);
            $slots["{$name}_code"] = is_bool($value->value) ? ($value->value ? 'true' : 'false') : (is_scalar($value->value) ? (string) $value->value : '');
            $slots["{$name}_count"] = is_int($value->value) ? $value->value : (is_array($value->value) ? count($value->value) : 0);
        }

        return $slots;
    }

    private function value(ParameterType $type, string $name, Node $value, string $variant): string
    {
        return match (true) {
            $type instanceof PersonReference => $this->house->person($value->text()),
            $type instanceof TeamReference => $this->house->team($value->text()),
            $type instanceof SkillReference => $this->house->skill($value->text()),
            $type instanceof FieldReference => $this->house->field($value->text()),
            $type instanceof PartOf => $this->say($type->family, $value, $variant),
            $type instanceof ListOf => implode(
                $type->of instanceof PartOf ? $this->house->words->say('rule.or') : ', ',
                array_map(fn(Node $one): string => $this->value($type->of, $name, $one, $variant), $value->items()),
            ),
            $type instanceof WorkingSpanType => $this->span(WorkingSpan::parse($value->text())),
            $type instanceof YesNo => $this->house->words->say("parameter.{$name}.".($value->bool() ? 'true' : 'false')),
            $type instanceof Choice => $this->house->words->say("parameter.{$name}.{$value->text()}"),
            default => is_scalar($value->value) ? (string) $value->value : '',
        };
    }

    private function span(WorkingSpan $span): string
    {
        return $span->minutes === null
            ? $this->house->words->say('value.working_days', ['count' => $span->days ?? 0])
            : $this->house->words->say('value.working_time', ['time' => $this->house->duration($span->minutes)]);
    }
}
