<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use LogicException;
use OpenBaton\Core\Subject\Happened;

/** The kinds of parts that rules may have, by family and code. */
final readonly class KindRegistry
{
    /** @param array<string, array<string, class-string<Part>>> $classes by family and kind */
    private function __construct(private array $classes) {}

    public static function standard(): self
    {
        static $standard = null;
        if (!($standard instanceof self)) {
            $standard = new self([]);
            foreach (StandardKinds::BY_FAMILY as $family => $classes) {
                foreach ($classes as $class) {
                    $standard = $standard->with(Family::from($family), $class);
                }
            }
        }

        return $standard;
    }

    /** @param class-string<Part> $class */
    public function with(Family $family, string $class): self
    {
        $classes = $this->classes;
        if (isset($classes[$family->value][$class::kind()])) {
            throw new LogicException("There is a kind \"{$class::kind()}\" of {$family->value} already.");
        }
        $classes[$family->value][$class::kind()] = $class;

        return new self($classes);
    }

    /** @return array<string, class-string<Part>> by kind */
    public function of(Family $family): array
    {
        return $this->classes[$family->value] ?? [];
    }

    /** @return array<string, class-string<Part>> kinds of event that happen by themselves, by kind */
    public function happening(): array
    {
        return array_filter(
            $this->of(Family::Event),
            static fn(string $class): bool => is_a($class, Happened::class, true),
        );
    }
}
