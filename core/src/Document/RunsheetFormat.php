<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Flow\Run\Block;
use OpenBaton\Core\Flow\Run\Lanes;
use OpenBaton\Core\Flow\Run\RunFields;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Sequence;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Flow\Run\Step\ActStep;
use OpenBaton\Core\Flow\Run\Step\ApprovalStep;
use OpenBaton\Core\Flow\Run\Step\StepKind;
use OpenBaton\Core\Parameter\ConditionType;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\SubjectKind;

/** Reads and writes a runsheet; docs/formats/runsheet.schema.json describes it. */
final readonly class RunsheetFormat
{
    public const VERSION = 'runsheet/1';

    public const KEY = '^[a-z][a-z0-9_]*$';

    public const SEQUENCE = 'one_after_another';

    public const LANES = 'side_by_side';

    public function __construct(private RuleContext $context) {}

    /** @throws DocumentError with all that is wrong with it */
    public function read(Node $node): Runsheet
    {
        Format::expect($node, self::VERSION);
        $faults = new Faults();
        $faults->add(...$node->strangers(['openbaton', 'id', 'name', 'about', 'several', 'does']));
        $id = $faults->collect(static fn(): string => TrackFormat::key($node->get('id')));
        $name = $faults->collect(static fn(): string => $node->get('name')->line(TextLimits::LABEL));
        $about = $faults->collect(static fn(): SubjectKind => self::about($node->find('about')));
        $several = $faults->collect(static fn(): bool => $node->find('several')?->bool() ?? false);
        $root = $faults->collect(function () use ($node, $about): Block {
            $context = $this->context->about($about ?? SubjectKind::Task);
            $answers = [];
            self::approvals($node->get('does'), 1, $answers);

            return $this->block($node->get('does'), $context->withFields(RunFields::with($context->fields, $answers)));
        });
        $faults->throwIfAny();
        if ($id === null || $name === null || $about === null || $root === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return $node->refuse(static fn(): Runsheet => new Runsheet($id, $name, $root, $about, $several ?? false));
    }

    /** @return array<string, mixed> */
    public static function write(Runsheet $sheet): array
    {
        return array_filter(
            [
                'openbaton' => self::VERSION,
                'id' => $sheet->id,
                'name' => $sheet->name,
                'about' => $sheet->about->value,
                'several' => $sheet->several ?: null,
                'does' => self::writeBlock($sheet->root),
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    private static function about(?Node $node): SubjectKind
    {
        $about = $node?->case(SubjectKind::class) ?? SubjectKind::Task;

        return $node === null ? $about : $node->refuse(static fn(): SubjectKind => Runsheet::aboutOf($about));
    }

    /**
     * What conditions may ask of the answers, before the steps that give them are read.
     *
     * @param array<string, string> $answers names by key, added to
     */
    private static function approvals(Node $node, int $depth, array &$answers): void
    {
        if ($depth > Runsheet::DEEPEST || count($answers) > Runsheet::MOST_BLOCKS) {
            return;
        }
        foreach ([self::SEQUENCE, self::LANES] as $member) {
            foreach ($node->has($member) ? $node->get($member)->items() : [] as $one) {
                self::approvals($one, $depth + 1, $answers);
            }
        }
        $does = $node->has('does') ? $node->get('does') : null;
        if ($does?->has('kind') === true && $does->get('kind')->value === ApprovalStep::kind()) {
            $key = $node->find('key')?->value;
            if (is_string($key) && preg_match('/' . self::KEY . '/D', $key) === 1) {
                $answers[$key] = $key;
            }
        }
    }

    private function block(Node $node, RuleContext $context, int $depth = 1): Block
    {
        if ($depth > Runsheet::DEEPEST) {
            throw $node->fail('Blocks are within each other {most} deep at most.', most: Runsheet::DEEPEST);
        }
        $faults = new Faults();
        $key = $faults->collect(static fn(): string => self::key($node->get('key')));
        $if = $faults->collect(
            static fn(): ?Condition => $node->has('if')
                ? (new ConditionType())->read($node->get('if'), $context)
                : null,
        );
        $list = match (true) {
            $node->has(self::SEQUENCE) => self::SEQUENCE,
            $node->has(self::LANES) => self::LANES,
            default => null,
        };
        if ($list === null) {
            return self::step($node, $context, $faults, $key, $if);
        }
        $faults->add(...$node->strangers(['key', 'if', $list, ...$list === self::LANES ? ['first'] : []]));
        $blocks = $faults->collect(fn(): array => $this->blocks($node->get($list), $context, $depth));
        $first = $faults->collect(static fn(): ?int => $node->find('first')?->int());
        $faults->throwIfAny();
        if ($key === null || $blocks === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return $node->refuse(
            static fn(): Block => $list === self::LANES
                ? new Lanes($key, $blocks, $if, $first)
                : new Sequence($key, $blocks, $if),
        );
    }

    /** @return non-empty-list<Block> */
    private function blocks(Node $node, RuleContext $context, int $depth): array
    {
        $faults = new Faults();
        $blocks = [];
        foreach ($node->items() as $one) {
            $blocks[] = $faults->collect(fn(): Block => $this->block($one, $context, $depth + 1));
        }
        $faults->throwIfAny();
        $blocks = array_values(array_filter($blocks));

        return $blocks === [] ? throw $node->unfinished('Put at least one step into it.') : $blocks;
    }

    private static function step(Node $node, RuleContext $context, Faults $faults, ?string $key, ?Condition $if): Step
    {
        $faults->add(...$node->strangers(['key', 'if', 'name', 'needed', 'does']));
        $name = $faults->collect(static fn(): string => $node->get('name')->line(TextLimits::LABEL));
        $needed = $faults->collect(static fn(): bool => $node->find('needed')?->bool() ?? true);
        $does = $faults->collect(static function () use ($node, $context): StepKind {
            $does = PartFormat::read($node->get('does'), Family::Step, $context);
            if ($does instanceof ActStep && !$context->about->admits($does->act::class)) {
                throw $node
                    ->get('does')
                    ->get('act')
                    ->get('kind')
                    ->fail('What this runsheet is about has no "{kind}".', kind: $does->act::kind());
            }

            return $does instanceof StepKind ? $does : throw new LogicException('A step is of a kind of step.');
        });
        $faults->throwIfAny();
        if ($key === null || $name === null || $does === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return new Step($key, $name, $does, $needed ?? true, $if);
    }

    /** Keys of blocks are part of the paths of fields. */
    private static function key(Node $node): string
    {
        $key = $node->line(TextLimits::LABEL);

        return preg_match('/' . self::KEY . '/D', $key) === 1
            ? $key
            : throw $node->fail('"{key}" is not a key such as second_look.', key: $key);
    }

    /** @return array<string, mixed> */
    private static function writeBlock(Block $block): array
    {
        $condition = $block->condition();

        return array_filter(
            [
                'key' => $block->key(),
                'if' => $condition === null ? null : (new ConditionType())->write($condition),
                'name' => $block instanceof Step ? $block->name : null,
                'needed' => $block instanceof Step && !$block->needed ? false : null,
                'does' => $block instanceof Step ? PartFormat::write($block->does) : null,
                'first' => $block instanceof Lanes ? $block->first : null,
                self::LANES => $block instanceof Lanes ? array_map(self::writeBlock(...), $block->within()) : null,
                self::SEQUENCE =>
                    $block instanceof Sequence ? array_map(self::writeBlock(...), $block->within()) : null,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }
}
