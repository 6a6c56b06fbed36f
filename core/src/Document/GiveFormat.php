<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\HolderOnly;
use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\Method\Method;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\DropLimit;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\SubjectKind;

/** Reads and writes to whom a rule gives. */
final readonly class GiveFormat
{
    public function __construct(private RuleParts $parts) {}

    /** @throws DocumentError with all that is wrong with it */
    public function read(Node $node): Give
    {
        $faults = new Faults();
        $faults->add(...$node->strangers(['seat', 'anew', 'substitutes', 'pool', 'method', 'limits', 'otherwise']));
        $pool = $faults->collect(fn(): Pool => $this->parts->one($node->get('pool'), Family::Pool, Pool::class));
        $method = $faults->collect(
            fn(): Method => $this->parts->one($node->get('method'), Family::Method, Method::class),
        );
        $limits = $faults->collect(
            fn(): array => $this->parts->all($node->itemsOf('limits'), Family::Limit, Limit::class),
        );
        $otherwise = $node->find('otherwise');
        $otherwise = $faults->collect(
            fn(): Otherwise => $otherwise === null
                ? new NextRule()
                : $this->parts->one($otherwise, Family::Otherwise, Otherwise::class),
        );
        $usual = $this->parts->about === SubjectKind::Task ? SeatName::Holder : SeatName::Owner;
        $seat = $faults->collect(static fn(): ?SeatName => $node->find('seat')?->case(SeatName::class)) ?? $usual;
        if (($seat === SeatName::Owner) !== ($usual === SeatName::Owner)) {
            $faults->add(
                ...$node->get('seat')->fail('A task has a holder and a reviewer, a case and a customer have an owner.')
                    ->faults,
            );
        }
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

    /** @return array<string, mixed> */
    public static function write(Give $give): array
    {
        return ($give->seat === SeatName::Holder ? [] : ['seat' => $give->seat->value]) +
            ($give->anew ? ['anew' => true] : []) +
            ($give->substitutes ? ['substitutes' => true] : []) + [
                'pool' => PartFormat::write($give->pool),
                'method' => PartFormat::write($give->method),
                'limits' => array_map(PartFormat::write(...), $give->limits),
                'otherwise' => PartFormat::write($give->otherwise),
            ];
    }
}
