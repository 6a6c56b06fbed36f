<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Flow\Run\Block;
use OpenBaton\Core\Flow\Run\Lanes;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Sequence;
use OpenBaton\Core\Flow\Run\Step;

/**
 * Runs a runsheet by the sentences of its definition, as plainly and slowly as they are said: of a step it knows what
 * became of it, of a block what its condition was, and all else is asked anew each time. The core is held against it.
 */
final class PlainRun
{
    /** @var array<string, string> what became of steps that were reached, by key */
    private array $is = [];

    /** @var array<string, bool> conditions that were asked in this round, by key of block */
    private array $applies = [];

    /** @var array<string, int> by key of step */
    private array $round = [];

    /** @var array<string, bool> steps whose condition is not asked */
    private array $unasked = [];

    /** @param array<string, bool> $on fields of the house */
    public function __construct(private readonly Runsheet $sheet, public array $on)
    {
        $this->on();
    }

    public function become(string $step, string $what): void
    {
        if (($this->is[$step] ?? '') === 'open') {
            $needed = $this->sheet->steps()[$step]->needed;
            $this->is[$step] = $what === 'dropped' && $needed ? 'stopped' : $what;
            $this->on();
        }
    }

    public function without(string $step): void
    {
        $this->is[$step] = 'dropped';
        $this->on();
    }

    public function again(string $step): void
    {
        $this->next($step);
        $this->unasked[$step] = true;
        $this->on();
    }

    public function back(string $step): void
    {
        $holders = [];
        $at = $step;
        while (isset($this->sheet->parents[$at])) {
            $holders[] = [$this->sheet->blocks[$this->sheet->parents[$at]], $at];
            $at = $this->sheet->parents[$at];
        }
        $forgotten = [];
        foreach ($holders as [$holder, $within]) {
            $isLater = false;
            foreach ($holder->within() as $one) {
                $whole = $holder instanceof Lanes && $holder->first !== null && $this->isSettled($holder);
                if (($holder instanceof Sequence && $isLater) || ($whole && $one->key() !== $within)) {
                    $forgotten[] = $one;
                }
                $isLater = $isLater || $one->key() === $within;
            }
        }
        foreach ($forgotten as $block) {
            $this->forget($block);
        }
        $this->again($step);
    }

    public function isOver(): bool
    {
        return $this->isSettled($this->sheet->root);
    }

    public function steps(): string
    {
        $said = [];
        foreach (array_keys($this->sheet->steps()) as $key) {
            $round = $this->round[$key] ?? 1;
            $said[] = $key . ' ' . ($this->is[$key] ?? '-') . ($round > 1 ? "#{$round}" : '');
        }

        return implode(', ', $said);
    }

    /** @return list<string> keys of steps of which that became */
    public function those(string $what): array
    {
        return array_keys($this->is, $what, true);
    }

    private function forget(Block $block): void
    {
        unset($this->applies[$block->key()]);
        if ($block instanceof Step && isset($this->is[$block->key()])) {
            $this->next($block->key());
        }
        foreach ($block->within() as $one) {
            $this->forget($one);
        }
    }

    private function next(string $step): void
    {
        unset($this->is[$step], $this->applies[$step]);
        $this->round[$step] = ($this->round[$step] ?? 1) + 1;
    }

    private function on(): void
    {
        // What is reached is found before anything is dropped, since side by side all are reached at once.
        do {
            $before = [$this->is, $this->applies];
            $this->reach($this->sheet->root);
            if ($before === [$this->is, $this->applies]) {
                $this->dropRest($this->sheet->root);
            }
        } while ($before !== [$this->is, $this->applies]);
    }

    private function reach(Block $block): void
    {
        $key = $block->key();
        if ($this->isSettled($block)) {
            return;
        }
        if (!isset($this->applies[$key])) {
            $name = $block->condition()?->criteria;
            $field = $name instanceof Comparison ? $name->path : null;
            $this->applies[$key] = $field === null || isset($this->unasked[$key]) || ($this->on[$field] ?? false);
            unset($this->unasked[$key]);
        }
        if (!$this->applies[$key]) {
            $this->skip($block);
        } elseif ($block instanceof Step) {
            $this->is[$key] ??= 'open';
        }
        foreach ($block->within() as $one) {
            $this->reach($one);
            if ($block instanceof Sequence && !$this->isSettled($one)) {
                return;
            }
        }
    }

    private function skip(Block $block): void
    {
        if ($block instanceof Step) {
            $this->is[$block->key()] = 'skipped';
        }
        array_map($this->skip(...), $block->within());
    }

    private function dropRest(Block $block): void
    {
        array_map($this->dropRest(...), $block->within());
        if ($block instanceof Lanes && $block->first !== null && $this->done($block) >= $block->first) {
            foreach ($block->within() as $one) {
                $this->drop($one);
            }
        }
    }

    private function drop(Block $block): void
    {
        if ($block instanceof Step && !$this->isSettled($block)) {
            $this->is[$block->key()] = 'dropped';
        }
        array_map($this->drop(...), $block->within());
    }

    private function isSettled(Block $block): bool
    {
        return match (true) {
            $block instanceof Step => in_array($this->is[$block->key()] ?? '', ['done', 'skipped', 'dropped'], true),
            $block instanceof Lanes && $block->first !== null && $this->done($block) >= $block->first => true,
            default => array_filter($block->within(), fn(Block $one): bool => !$this->isSettled($one)) === [],
        };
    }

    private function isDone(Block $block): bool
    {
        return $block instanceof Step
            ? ($this->is[$block->key()] ?? '') === 'done'
            : $this->isSettled($block) && array_filter($block->within(), $this->isDone(...)) !== [];
    }

    private function done(Lanes $block): int
    {
        return count(array_filter($block->within(), $this->isDone(...)));
    }
}
