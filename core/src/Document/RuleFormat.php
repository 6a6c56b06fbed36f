<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\HolderOnly;
use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\Method\Method;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\DropLimit;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\SeatName;

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

    public function __construct(private RuleContext $context)
    {
        $this->criteria = new CriteriaFormat($context);
    }

    /** @throws DocumentError with all that is wrong with it */
    public function read(Node $node): Rule
    {
        $faults = new Faults();
        $faults->add(...$node->strangers(self::MEMBERS));
        $id = $faults->collect(static fn(): string => $node->get('id')->line(TextLimits::ID));
        $name = $faults->collect(static fn(): string => $node->get('name')->line(TextLimits::NAME));
        $events = $faults->collect(fn(): array => $this->events($node->get('when')));
        $criteria = $faults->collect(fn(): Expression => $this->criteria($node));
        $give = $node->find('give');
        $give = $give === null ? null : $faults->collect(fn(): Give => $this->give($give));
        $then = $faults->collect(fn(): array => $this->followUps($node));
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
        return $this->parts($node->itemsOf('then'), Family::FollowUp, FollowUp::class);
    }

    /** @return non-empty-list<EventKind> */
    private function events(Node $node): array
    {
        $events = $this->parts($node->items(), Family::Event, EventKind::class);

        return $events === [] ? throw $node->unfinished('Name at least one event.') : $events;
    }

    private function give(Node $node): Give
    {
        $faults = new Faults();
        $faults->add(...$node->strangers(['seat', 'anew', 'substitutes', 'pool', 'method', 'limits', 'otherwise']));
        $pool = $faults->collect(fn(): Pool => $this->part($node->get('pool'), Family::Pool, Pool::class));
        $method = $faults->collect(fn(): Method => $this->part($node->get('method'), Family::Method, Method::class));
        $limits = $faults->collect(fn(): array => $this->parts($node->itemsOf('limits'), Family::Limit, Limit::class));
        $otherwise = $node->find('otherwise');
        $otherwise = $faults->collect(
            fn(): Otherwise => $otherwise === null
                ? new NextRule()
                : $this->part($otherwise, Family::Otherwise, Otherwise::class),
        );
        $seat =
            $faults->collect(static fn(): ?SeatName => $node->find('seat')?->case(SeatName::class)) ?? SeatName::Holder;
        $anew = $faults->collect(static fn(): bool => $node->find('anew')?->bool() ?? false);
        $substitutes = $faults->collect(static fn(): bool => $node->find('substitutes')?->bool() ?? false);
        foreach (['method' => $method, 'otherwise' => $otherwise] as $name => $part) {
            if ($seat === SeatName::Reviewer && $part instanceof HolderOnly) {
                $faults->add(...$node->get($name)->fail('A review is one person\'s; name who reviews.')->faults);
            }
        }
        if ($method instanceof SamePerson && $pool?->namesOne() === false) {
            $faults->add(
                ...$node
                    ->get('method')
                    ->fail('"same_person" needs a pool that names one person: a field, or one named person.')->faults,
            );
        }
        $kinds = array_map(static fn(Limit $limit): string => $limit::kind(), $limits ?? []);
        if ($otherwise instanceof DropLimit && $limits !== null && !in_array($otherwise->limit, $kinds, true)) {
            $faults->add(
                ...$node
                    ->get('otherwise')
                    ->get('limit')
                    ->fail('The rule has no limit of the kind "{kind}".', kind: $otherwise->limit)->faults,
            );
        }
        $faults->throwIfAny();
        if ($pool === null || $method === null || $limits === null || $otherwise === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return new Give($pool, $method, $limits, $otherwise, $seat, $anew ?? false, $substitutes ?? false);
    }

    /**
     * @template T of Part
     *
     * @param list<Node>      $nodes
     * @param class-string<T> $type
     *
     * @return list<T>
     */
    private function parts(array $nodes, Family $family, string $type): array
    {
        $faults = new Faults();
        $parts = [];
        foreach ($nodes as $node) {
            $part = $faults->collect(fn(): Part => $this->part($node, $family, $type));
            if ($part instanceof $type) {
                $parts[] = $part;
            }
        }
        $faults->throwIfAny();

        return $parts;
    }

    /**
     * @template T of Part
     *
     * @param class-string<T> $type
     *
     * @return T
     */
    private function part(Node $node, Family $family, string $type): Part
    {
        $part = PartFormat::read($node, $family, $this->context);

        return $part instanceof $type ? $part : throw new LogicException("A {$family->value} is a {$type}.");
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
            $document['give'] = ($rule->give->seat === SeatName::Holder ? [] : ['seat' => $rule->give->seat->value]) +
                ($rule->give->anew ? ['anew' => true] : []) +
                ($rule->give->substitutes ? ['substitutes' => true] : []) + [
                    'pool' => PartFormat::write($rule->give->pool),
                    'method' => PartFormat::write($rule->give->method),
                    'limits' => array_map(PartFormat::write(...), $rule->give->limits),
                    'otherwise' => PartFormat::write($rule->give->otherwise),
                ];
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
