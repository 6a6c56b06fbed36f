<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Rulebook\FollowUp\ActsBeyond;
use OpenBaton\Core\Rulebook\FollowUp\ActsOnCase;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Sweep\Sweep;

/** Reads and writes what a sweep changes, in the words of a rule: {"if": …, "hand_to": person, "then": […]}. */
final readonly class SweepFormat
{
    private const MEMBERS = ['if', 'hand_to', 'then'];

    public function __construct(private RuleContext $context) {}

    /** @throws DocumentError with all that is wrong with it */
    public function read(Node $node): Sweep
    {
        $rules = new RuleFormat($this->context);
        $faults = new Faults();
        $faults->add(...$node->strangers(self::MEMBERS));
        $criteria = $faults->collect(static fn(): Expression => $rules->criteria($node));
        $handTo = $faults->collect(fn(): ?string => $this->person($node->find('hand_to')));
        $changes = $faults->collect(static fn(): array => $rules->followUps($node)) ?? [];
        foreach ($changes as $place => $change) {
            if ($change instanceof ActsBeyond || ($change instanceof ActsOnCase && $change->actsOnCase())) {
                $faults->add(...self::beyond($node->itemsOf('then')[$place], $change));
            }
        }
        $faults->throwIfAny();

        return $criteria === null
            ? throw new LogicException('What could not be read has no fault.')
            : ($changes === [] && $handTo === null
                ? throw $node->unfinished('Say what it changes.')
                : new Sweep($criteria, $changes, $handTo));
    }

    /** @return array<string, mixed> */
    public function write(Sweep $sweep): array
    {
        return array_filter(
            [
                'if' => (new CriteriaFormat($this->context))->write($sweep->criteria),
                'hand_to' => $sweep->handTo,
                'then' => array_map(PartFormat::write(...), $sweep->changes),
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    private function person(?Node $node): ?string
    {
        return match (true) {
            $node === null => null,
            $this->context->roster === null => $node->line(TextLimits::ID),
            default => Known::person($node, $this->context->roster->people),
        };
    }

    /** @return list<Fault> */
    private static function beyond(Node $node, FollowUp $change): array
    {
        return $node
            ->get('kind')
            ->fail(
                '"{kind}" acts on more than the task itself: rules can do that, a sweep can not.',
                kind: $change::kind(),
            )->faults;
    }
}
