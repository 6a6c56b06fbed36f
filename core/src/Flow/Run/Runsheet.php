<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Flow\Run\Step\ApprovalStep;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Subject\SubjectKind;

/** Work that belongs together, as a tree: side by side, one after another. */
final readonly class Runsheet
{
    public const MOST_BLOCKS = 500;

    public const DEEPEST = 12;

    /** @var array<string, Block> by key, in the order in which they are read */
    public array $blocks;

    /** @var array<string, string> key of what holds it, by key; the root has none */
    public array $parents;

    /**
     * @param string      $id      a key
     * @param SubjectKind $about   what its runs are of: tasks, cases, or (the house) nothing
     * @param bool        $several more than one run at a time of one subject
     *
     * @throws Refusal
     */
    public function __construct(
        public string $id,
        public string $name,
        public Block $root,
        public SubjectKind $about = SubjectKind::Task,
        public bool $several = false,
    ) {
        self::aboutOf($about);
        $blocks = $parents = [];
        $this->collect($root, 1, $blocks, $parents);
        $this->blocks = $blocks;
        $this->parents = $parents;
        $this->checkReferences();
    }

    /** @throws Refusal where runs are not of such */
    public static function aboutOf(SubjectKind $about): SubjectKind
    {
        return $about === SubjectKind::Customer
            ? throw new Refusal('Runs are of tasks, of cases, or of nothing.')
            : $about;
    }

    /** @return array<string, Step> by key */
    public function steps(): array
    {
        return array_filter($this->blocks, static fn(Block $block): bool => $block instanceof Step);
    }

    /** @return list<string> keys of what holds it, from within outwards */
    public function above(string $key): array
    {
        $above = [];
        while (isset($this->parents[$key])) {
            $above[] = $key = $this->parents[$key];
        }

        return $above;
    }

    /** @return list<string> keys of a block and of all within it */
    public static function keysIn(Block $block): array
    {
        $keys = [$block->key()];
        foreach ($block->within() as $one) {
            array_push($keys, ...self::keysIn($one));
        }

        return $keys;
    }

    /**
     * @param array<string, Block>  $blocks
     * @param array<string, string> $parents
     */
    private function collect(Block $block, int $depth, array &$blocks, array &$parents): void
    {
        $key = $block->key();
        if (isset($blocks[$key])) {
            throw new Refusal('Two blocks have the key "{key}".', key: $key);
        }
        if ($depth > self::DEEPEST) {
            throw new Refusal('Blocks are within each other {most} deep at most.', most: self::DEEPEST);
        }
        $blocks[$key] = $block;
        if (count($blocks) > self::MOST_BLOCKS) {
            throw new Refusal('A runsheet has {most} blocks at most.', most: self::MOST_BLOCKS);
        }
        foreach ($block->within() as $one) {
            $parents[$one->key()] = $key;
            $this->collect($one, $depth + 1, $blocks, $parents);
        }
    }

    private function checkReferences(): void
    {
        $hangs = [];
        foreach ($this->steps() as $key => $step) {
            if ($this->about === SubjectKind::House && $step->does instanceof ApprovalStep) {
                throw new Refusal('A run of nothing has nothing to approve: "{step}".', step: $step->name);
            }
            $hangs[$key] = $step->does->datesHangOn();
            $named = $hangs[$key];
            if ($step->does instanceof ApprovalStep && $step->does->backTo !== null) {
                $named[] = $step->does->backTo;
            }
            foreach ($named as $other) {
                if (!(($this->blocks[$other] ?? null) instanceof Step)) {
                    throw new Refusal(
                        '"{step}" names the step "{other}", which is not there.',
                        step: $step->name,
                        other: $other,
                    );
                }
            }
        }
        $circle = Circle::in($hangs);
        if ($circle !== []) {
            throw new Refusal(
                'The dates of these steps hang on each other: {steps}.',
                steps: implode(', ', array_map(fn(string $key): string => $this->steps()[$key]->name, $circle)),
            );
        }
    }
}
