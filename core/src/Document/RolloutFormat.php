<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Flow\Rollout\Members;
use OpenBaton\Core\Flow\Rollout\Rollout;
use OpenBaton\Core\Flow\Rollout\RolloutFields;
use OpenBaton\Core\Flow\Rollout\WantedRollout;
use OpenBaton\Core\Parameter\ChecklistReference;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Parameter\Minutes;
use OpenBaton\Core\Parameter\TaskKindReference;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\WorkingTime;

/** Reads a rollout as it is written: its members, its task, its days. */
final readonly class RolloutFormat
{
    private const MOST_NODES = 500;

    private const MEMBERS = [
        'name',
        'tree',
        'branches',
        'levels',
        'without',
        'task_kind',
        'title',
        'details',
        'holder',
        'reviewer',
        'start',
        'due',
        'hidden',
        'estimate',
        'checklist',
    ];

    /** What texts can say. */
    private RuleContext $texts;

    /** @param array<string, list<string>> $trees attributes of the nodes by which somebody answers, by code of tree */
    public function __construct(private RuleContext $context, private WorkingHours $house, private array $trees)
    {
        $fields = [];
        foreach (RolloutFields::TYPES as $path => $type) {
            $fields[] = new Field($path, $path, $type);
        }
        $this->texts = $context->withFields(new FieldCatalogue($fields));
    }

    /** @throws DocumentError with all that is wrong with it */
    public function read(Node $node): WantedRollout
    {
        $faults = new Faults();
        $faults->add(...$node->strangers(self::MEMBERS));
        $tree = $faults->collect(fn(): string => $this->tree($node->get('tree')));
        $members = $faults->collect(
            static fn(): Members => new Members(
                self::names($node->find('branches')),
                self::names($node->find('levels')),
                null,
                self::names($node->find('without')),
            ),
        );
        $start = $faults->collect(static fn(): ?LocalDate => self::day($node->find('start')));
        $due = $faults->collect(static fn(): ?LocalDate => self::day($node->find('due')));
        $rollout = $faults->collect(fn(): Rollout => $this->rollout($node, $tree ?? '', $start, $due));
        $faults->throwIfAny();
        if ($tree === null || $members === null || $rollout === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return new WantedRollout($tree, $members, $rollout);
    }

    private function rollout(Node $node, string $tree, ?LocalDate $start, ?LocalDate $due): Rollout
    {
        $faults = new Faults();
        $name = $faults->collect(static fn(): string => $node->get('name')->line(TextLimits::LABEL));
        $kind = $faults->collect(
            fn(): mixed => (new TaskKindReference())->read($node->get('task_kind'), $this->context),
        );
        $title = $faults->collect(fn(): ?MergedText => $this->text($node->get('title'), TextLimits::NAME, true));
        $details = $faults->collect(
            fn(): ?MergedText => $this->text($node->find('details'), TextLimits::DETAILS, false),
        );
        $holder = $faults->collect(fn(): ?string => $this->attribute($node->find('holder'), $tree));
        $reviewer = $faults->collect(fn(): ?string => $this->attribute($node->find('reviewer'), $tree));
        $hidden = $faults->collect(static fn(): bool => $node->find('hidden')?->bool() ?? false);
        $estimate = $faults->collect(
            fn(): mixed => $node->has('estimate')
                ? (new Minutes())->read($node->get('estimate'), $this->context)
                : null,
        );
        $checklist = $faults->collect(
            fn(): mixed => $node->has('checklist')
                ? (new ChecklistReference())->read($node->get('checklist'), $this->context)
                : null,
        );
        $faults->throwIfAny();
        if (!is_string($name) || !is_string($kind) || $title === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return $node->refuse(
            fn(): Rollout => new Rollout(
                $name,
                $kind,
                $title,
                $details,
                $holder,
                $reviewer,
                $start === null ? null : $this->house->zone()->instant($start, 0),
                $due === null ? null : $this->endOf($due),
                $hidden === true && $start !== null,
                is_int($estimate) ? $estimate : null,
                is_string($checklist) ? $checklist : null,
            ),
        );
    }

    private function tree(Node $node): string
    {
        $tree = $node->text();

        return isset($this->trees[$tree]) ? $tree : throw $node->fail('There is no tree "{tree}".', tree: $tree);
    }

    private function attribute(?Node $node, string $tree): ?string
    {
        $attribute = $node?->text();

        return $attribute === null || in_array($attribute, $this->trees[$tree] ?? [], true)
            ? $attribute
            : throw $node->fail('Nobody is "{attribute}" in this tree.', attribute: $attribute);
    }

    private function text(?Node $node, int $most, bool $oneLine): ?MergedText
    {
        return $node === null ? null : (new MergedTextType($most, $oneLine))->read($node, $this->texts);
    }

    private static function day(?Node $node): ?LocalDate
    {
        return $node === null ? null : Day::read($node);
    }

    private function endOf(LocalDate $day): int
    {
        try {
            return (new WorkingTime($this->house))->endOnOrBefore($day);
        } catch (NoWorkingTime) {
            return $this->house->zone()->instant($day->plus(1), 0) - 60;
        }
    }

    /** @return list<string> */
    private static function names(?Node $node): array
    {
        $items = $node?->items() ?? [];
        if ($node !== null && count($items) > self::MOST_NODES) {
            throw $node->fail('This has {most} parts at most.', most: self::MOST_NODES);
        }

        return array_map(static fn(Node $one): string => $one->line(TextLimits::LABEL), $items);
    }
}
