<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Check\Values\Term;

/** Finds the terms of rules that may hold together with another, by the values that most of them name. */
final class TermIndex
{
    /** @var list<array{int, Term}> position of the rule and one of its terms */
    private array $all = [];

    /** @var array<string, array<array-key, list<int>>> places in $all by path and value */
    private array $byValue = [];

    /** @var array<string, list<int>> places in $all of those that name no values of a field, by path */
    private array $rest = [];

    /** @param iterable<array{int, Term}> $terms in the order of the rules */
    public function __construct(iterable $terms)
    {
        $paths = [];
        foreach ($terms as $entry) {
            $this->all[] = $entry;
            foreach ($entry[1]->paths() as $path) {
                if ($entry[1]->keys($path) !== null) {
                    $paths[$path] = true;
                }
            }
        }
        foreach (array_keys($paths) as $path) {
            foreach ($this->all as $place => [, $term]) {
                $values = $term->keys($path);
                if ($values === null) {
                    $this->rest[$path][] = $place;
                }
                foreach ($values ?? [] as $value) {
                    $this->byValue[$path][$value][] = $place;
                }
            }
        }
    }

    /**
     * @param int $before only terms of rules above this position
     *
     * @return array<int, list<Term>> those that meet it, by position of the rule
     */
    public function meeting(Term $term, int $before): array
    {
        $met = [];
        foreach ($this->candidates($term) as $place) {
            [$position, $other] = $this->all[$place];
            if ($position < $before && $term->and($other) !== null) {
                $met[$position][] = $other;
            }
        }
        ksort($met);

        return $met;
    }

    /** @return list<int> places in $all: the fewest that the values of one field leave */
    private function candidates(Term $term): array
    {
        $best = null;
        foreach ($term->paths() as $path) {
            $values = isset($this->byValue[$path]) ? $term->keys($path) : null;
            if ($values === null) {
                continue;
            }
            $places = $this->rest[$path] ?? [];
            foreach ($values as $value) {
                array_push($places, ...$this->byValue[$path][$value] ?? []);
            }
            $best = $best === null || count($places) < count($best) ? $places : $best;
        }

        return $best === null ? array_keys($this->all) : array_values(array_unique($best));
    }
}
