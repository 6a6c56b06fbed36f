<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\NamesSeat;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\SubjectKind;

/** Reads the parts of rules, all of which are about one kind of subject. */
final readonly class RuleParts
{
    public function __construct(private RuleContext $context, public SubjectKind $about) {}

    /**
     * @template T of Part
     *
     * @param list<Node>      $nodes
     * @param class-string<T> $type
     *
     * @return list<T>
     */
    public function all(array $nodes, Family $family, string $type): array
    {
        $faults = new Faults();
        $parts = [];
        foreach ($nodes as $node) {
            $part = $faults->collect(fn(): Part => $this->one($node, $family, $type));
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
    public function one(Node $node, Family $family, string $type): Part
    {
        $part = PartFormat::read($node, $family, $this->context);

        if ($family !== Family::Event && !$this->about->admits($part::class)) {
            throw $node->get('kind')->fail($this->stranger(), kind: $part::kind());
        }
        $seat = $part instanceof NamesSeat ? $part->seat() : null;
        if ($seat !== null && !in_array($seat, $this->about->seats(), true)) {
            throw $node->fail($this->stranger(), kind: $seat->value);
        }

        return $part instanceof $type ? $part : throw new LogicException("A {$family->value} is a {$type}.");
    }

    private function stranger(): string
    {
        return match ($this->about) {
            SubjectKind::Task => 'Rules about tasks have no "{kind}".',
            SubjectKind::Matter => 'Rules about cases have no "{kind}".',
            SubjectKind::Customer => 'Rules about customers have no "{kind}".',
            SubjectKind::House => 'Rules about the house have no "{kind}".',
        };
    }
}
