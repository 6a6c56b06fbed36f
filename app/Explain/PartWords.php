<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\AttemptFormat;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;

/**
 * Says parts of rules, from their documents, by the sentence of their kind.
 * resources/js/lib/describe.ts does the same on the pages; a test holds the
 * two against each other.
 *
 * For a parameter "x" the slot {x} is its value as one says it, {x_code} the
 * code of a yes or no or of a choice, on which side of a date it lies, or "none",
 * {x_count} a number or how many a list has.
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

        return $words->say(
            $path . ($words->has($path . $variant) ? $variant : 'say'),
            $this->slots($family, $kind, $part, $variant),
        );
    }

    /**
     * Why a limit rules somebody out.
     *
     * @param string $kind    of a limit
     * @param Node   $figures of the trace
     */
    public function reason(string $kind, Node $figures): string
    {
        $path = Family::Limit->value . ".{$kind}.";
        $slots = $this->slots(Family::Limit, $kind, $figures);
        foreach ((array) $figures->value as $name => $value) {
            $slots[(string) $name] ??= $this->figure((string) $name, $value);
        }
        $words = $this->house->words;

        return $words->has("{$path}reason")
            ? $words->say("{$path}reason", $slots)
            : $words->say('trail.excluded', ['limit' => $words->say("{$path}step", $slots)]);
    }

    private function figure(string $name, mixed $value): string
    {
        if (!is_scalar($value)) {
            return 'none';
        }
        // A trace has them written, a warning as they are.
        return isset(AttemptFormat::INSTANTS[$name])
            ? $this->house->moment(is_int($value) ? Instant::format($value) : (string) $value)
            : (string) $value;
    }

    /** @return array<string, string|int|float> */
    private function slots(Family $family, string $kind, Node $values, string $variant = 'say'): array
    {
        $slots = [];
        $parameters = new ParameterWords($this->house);
        $class = $this->kinds->of($family)[$kind] ?? null;
        foreach ($class === null ? [] : $class::parameters() as $parameter) {
            $name = $parameter->name;
            $default =
                $parameter->required || $parameter->default === null
                    ? null
                    : Node::root($parameter->type->write($parameter->default));
            $value = $values->find($name) ?? $default;
            $slots[$name] =
                $value === null
                    ? ''
                    : $parameters->value(
                        $parameter->type,
                        $name,
                        $value,
                        fn(Family $inner, Node $part): string => $this->say($inner, $part, $variant),
                    );
            $slots["{$name}_code"] = ParameterWords::code($parameter->type, $value);
            $slots["{$name}_count"] = is_int($value?->value)
                ? $value->value
                : (is_array($value?->value)
                    ? count($value->value)
                    : 0);
        }

        return $slots;
    }
}
