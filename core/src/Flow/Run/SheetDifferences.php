<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Parameter\ConditionType;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Text\KeptOrder;

/** What is otherwise in a runsheet than it was: blocks by their keys. */
final readonly class SheetDifferences
{
    private function __construct(private ?Runsheet $was, private Runsheet $is) {}

    /**
     * @param Runsheet|null $before null: it is a new one
     *
     * @return list<SheetDifference> of the runsheet itself, of its blocks in the order of $after, of those gone
     */
    public static function between(?Runsheet $before, Runsheet $after): array
    {
        return (new self($before, $after))->all();
    }

    /** @return list<SheetDifference> */
    private function all(): array
    {
        $found = $this->ofSheet();
        $moved = $this->moved();
        foreach ($this->is->blocks as $key => $block) {
            $before = self::like($block, $this->was);
            if ($before === null) {
                // What holds all the others is no news of its own.
                if ($block instanceof Step || isset($this->is->parents[$key])) {
                    $found[] = $this->tell(self::added($block), null, $block);
                }
                continue;
            }
            if (isset($moved[$key])) {
                $found[] = $this->tell(SheetAspect::StepMoved, $before, $block);
            }
            array_push($found, ...$this->ofBlock($before, $block));
        }
        foreach ($this->was->blocks ?? [] as $block) {
            if (self::like($block, $this->is) === null) {
                $found[] = $this->tell(
                    $block instanceof Step ? SheetAspect::StepGone : SheetAspect::BlockGone,
                    $block,
                    null,
                );
            }
        }

        return $found;
    }

    /** The same block in another version; null: it is not there, or what was a step is none, which is another block. */
    private static function like(Block $block, ?Runsheet $in): ?Block
    {
        $other = $in->blocks[$block->key()] ?? null;

        return $other !== null && $other instanceof Step === $block instanceof Step ? $other : null;
    }

    private static function added(Block $block): SheetAspect
    {
        return $block instanceof Step ? SheetAspect::StepAdded : SheetAspect::BlockAdded;
    }

    /** @return list<SheetDifference> */
    private function ofSheet(): array
    {
        return $this->those([
            [SheetAspect::Name, $this->was !== null && $this->was->name !== $this->is->name],
            [SheetAspect::About, $this->was !== null && $this->was->about !== $this->is->about],
            [SheetAspect::Several, ($this->was->several ?? false) !== $this->is->several],
        ]);
    }

    /** @return list<SheetDifference> */
    private function ofBlock(Block $was, Block $is): array
    {
        $asked = self::written($was->condition()) !== self::written($is->condition());
        if (!($was instanceof Step) || !($is instanceof Step)) {
            return $this->those(
                [[SheetAspect::Together, self::together($was) !== self::together($is)], [SheetAspect::BlockIf, $asked]],
                $was,
                $is,
            );
        }

        return $this->those(
            [
                [SheetAspect::StepName, $was->name !== $is->name],
                [SheetAspect::Does, PartFormat::write($was->does) !== PartFormat::write($is->does)],
                [SheetAspect::Needed, $was->needed !== $is->needed],
                [SheetAspect::If, $asked],
            ],
            $was,
            $is,
        );
    }

    /**
     * Steps that are elsewhere: within another block, or, within the same, not in the order in which most are.
     *
     * @return array<string, true> by key
     */
    private function moved(): array
    {
        $moved = [];
        $within = [];
        foreach ($this->is->parents as $key => $parent) {
            $was = $this->was->parents[$key] ?? null;
            if ($was === $parent) {
                $within[$parent][] = $key;
            } elseif ($was !== null && $this->is->blocks[$key] instanceof Step) {
                $moved[$key] = true;
            }
        }
        $old = array_keys($this->was->parents ?? []);
        foreach ($within as $keys) {
            $stay = KeptOrder::of(array_values(array_intersect($old, $keys)), $keys);
            foreach ($keys as $key) {
                if (!isset($stay[$key]) && $this->is->blocks[$key] instanceof Step) {
                    $moved[$key] = true;
                }
            }
        }

        return $moved;
    }

    /**
     * @param list<array{SheetAspect, bool}> $aspects each with whether it is otherwise
     *
     * @return list<SheetDifference>
     */
    private function those(array $aspects, ?Block $before = null, ?Block $after = null): array
    {
        $found = [];
        foreach ($aspects as [$aspect, $differs]) {
            if ($differs) {
                $found[] = $this->tell($aspect, $before, $after);
            }
        }

        return $found;
    }

    private function tell(SheetAspect $aspect, ?Block $before, ?Block $after): SheetDifference
    {
        return new SheetDifference($aspect, $before, $after, $this->is, $this->was);
    }

    private static function written(?Condition $condition): mixed
    {
        return $condition === null ? null : (new ConditionType())->write($condition);
    }

    /** @return array{bool, int|null} */
    private static function together(Block $block): array
    {
        return [$block instanceof Lanes, $block instanceof Lanes ? $block->first : null];
    }
}
