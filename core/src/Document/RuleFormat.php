<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\SubjectKind;

/** Reads and writes one rule. */
final readonly class RuleFormat
{
    private const MEMBERS = [
        'id',
        'name',
        'heading',
        'note',
        'active',
        'when',
        'if',
        'give',
        'then',
        'valid_from',
        'valid_until',
    ];

    private CriteriaFormat $criteria;

    private RuleParts $parts;

    /** @param SubjectKind $about what the rules are about that it reads the parts of */
    public function __construct(private RuleContext $context, private SubjectKind $about = SubjectKind::Task)
    {
        $this->criteria = new CriteriaFormat($context);
        $this->parts = new RuleParts($context, $about);
    }

    /** @throws DocumentError with all that is wrong with it */
    public function read(Node $node): Rule
    {
        $faults = new Faults();
        $faults->add(...$node->strangers(self::MEMBERS));
        $id = $faults->collect(static fn(): string => $node->get('id')->line(TextLimits::ID));
        $name = $faults->collect(static fn(): string => $node->get('name')->line(TextLimits::NAME));
        $events = $faults->collect(fn(): array => $this->events($node->get('when')));
        $of = $this->about($events);
        if ($of !== $this && $events !== null) {
            // What the events of others may name is less.
            $events = $faults->collect(static fn(): array => $of->events($node->get('when')));
        }
        $criteria = $faults->collect(static fn(): Expression => $of->criteria($node));
        $give = $node->find('give');
        $give =
            $give === null ? null : $faults->collect(static fn(): Give => (new GiveFormat($of->parts))->read($give));
        $then = $faults->collect(static fn(): array => $of->followUps($node));
        $active = $faults->collect(static fn(): bool => $node->find('active')?->bool() ?? true);
        $from = $faults->collect(static fn(): ?int => $node->find('valid_from')?->instant());
        $until = $faults->collect(static fn(): ?int => $node->find('valid_until')?->instant());
        $note = $faults->collect(static fn(): ?string => $node->find('note')?->prose(TextLimits::REASON));
        $heading = $faults->collect(static fn(): ?string => $node->find('heading')?->line(TextLimits::LABEL));
        $faults->throwIfAny();
        if ($id === null || $name === null || $events === null || $criteria === null || $then === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return $node->refuse(
            static fn(): Rule => new Rule(
                $id,
                $name,
                $events,
                $criteria,
                $give,
                $then,
                $active ?? true,
                $from,
                $until,
                $note,
                $heading,
            ),
        );
    }

    /** @param non-empty-list<EventKind>|null $events by which it says what it is about; null: they are not right */
    private function about(?array $events): self
    {
        $about = $events === null ? SubjectKind::Task : Rule::aboutOf($events[0]);

        return $about === $this->about ? $this : new self($this->context->about($about), $about);
    }

    /**
     * Its "if": criteria, or {"logic": JsonLogic}; where there is none, anything.
     *
     * @throws DocumentError
     */
    public function criteria(Node $node): Expression
    {
        $if = $node->find('if');
        if ($if === null) {
            return RulebookFormat::anything();
        }
        $logic = $if->isObject() ? $if->find('logic') : null;
        if ($logic === null) {
            return $this->criteria->read($if);
        }
        $if->only(['logic']);

        return (new JsonLogicReader($this->context))->read($logic);
    }

    /**
     * @return list<FollowUp> its "then"
     *
     * @throws DocumentError
     */
    public function followUps(Node $node): array
    {
        return $this->parts->all($node->itemsOf('then'), Family::FollowUp, FollowUp::class);
    }

    /** @return non-empty-list<EventKind> */
    private function events(Node $node): array
    {
        $events = $this->parts->all($node->items(), Family::Event, EventKind::class);

        return $events === [] ? throw $node->unfinished('Name at least one event.') : $events;
    }

    /** @return array<string, mixed> */
    public function write(Rule $rule): array
    {
        $document = array_filter(
            ['id' => $rule->id, 'name' => $rule->name, 'heading' => $rule->heading, 'note' => $rule->note],
            static fn(?string $text): bool => $text !== null,
        ) + [
            'active' => $rule->active,
            'when' => array_map(PartFormat::write(...), $rule->events),
            'if' => $this->criteria->write($rule->criteria),
        ];
        if ($rule->give !== null) {
            $document['give'] = GiveFormat::write($rule->give);
        }
        $document['then'] = array_map(PartFormat::write(...), $rule->followUps);
        if ($rule->validFrom !== null) {
            $document['valid_from'] = Instant::format($rule->validFrom);
        }
        if ($rule->validUntil !== null) {
            $document['valid_until'] = Instant::format($rule->validUntil);
        }

        return $document;
    }
}
