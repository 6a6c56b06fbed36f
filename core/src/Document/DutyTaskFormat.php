<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Flow\Duty\DutyTemplate;
use OpenBaton\Core\Parameter\ChecklistReference;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Parameter\Minutes;
use OpenBaton\Core\Parameter\TaskKindReference;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Text\MergedText;

/** Reads and writes the task that a duty makes. */
final readonly class DutyTaskFormat
{
    public const DETAILS = 2000;

    public const MOST_TAGS = 20;

    public function __construct(private RuleContext $context) {}

    /** @throws DocumentError with all that is wrong with it */
    public function read(Node $node, ?Give $give): DutyTemplate
    {
        $faults = new Faults();
        $faults->add(...$node->strangers(['kind', 'title', 'details', 'estimate', 'checklist', 'customer', 'tags']));
        $kind = $faults->collect(fn(): string => (new TaskKindReference())->read($node->get('kind'), $this->context));
        $title = $faults->collect(fn(): MergedText => $this->text($node->get('title'), TextLimits::NAME, true));
        $details = $faults->collect(
            fn(): ?MergedText => $node->has('details')
                ? $this->text($node->get('details'), self::DETAILS, false)
                : null,
        );
        $estimate = $faults->collect(
            fn(): ?int => $node->has('estimate') ? (new Minutes())->read($node->get('estimate'), $this->context) : null,
        );
        $checklist = $faults->collect(
            fn(): ?string => $node->has('checklist')
                ? (new ChecklistReference())->read($node->get('checklist'), $this->context)
                : null,
        );
        $customer = $faults->collect(static fn(): ?string => $node->find('customer')?->line(TextLimits::ID));
        $tags = $faults->collect(
            static fn(): array => array_map(
                static fn(Node $tag): string => $tag->line(TextLimits::TAG),
                array_slice($node->itemsOf('tags'), 0, self::MOST_TAGS + 1),
            ),
        );
        if (count($tags ?? []) > self::MOST_TAGS) {
            $faults->add(...$node->get('tags')->fail('At most {most} belong here.', most: self::MOST_TAGS)->faults);
        }
        $faults->throwIfAny();
        if ($kind === null || $title === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return new DutyTemplate($kind, $title, $details, $estimate, $checklist, $customer, $give, $tags ?? []);
    }

    private function text(Node $node, int $most, bool $oneLine): MergedText
    {
        return (new MergedTextType($most, $oneLine))->read($node, $this->context);
    }

    /** @return array<string, mixed> null, and an empty list, where nothing is said */
    public static function write(DutyTemplate $template): array
    {
        return [
            'kind' => $template->taskKind,
            'title' => $template->title->text,
            'details' => $template->details?->text,
            'estimate' => $template->estimate === null ? null : Duration::format($template->estimate),
            'checklist' => $template->checklist,
            'customer' => $template->customer,
            'tags' => $template->tags,
        ];
    }
}
