<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;

/** One or more values of another type; the same value once. */
final readonly class ListOf implements ParameterType
{
    public const MOST = 500;

    /** @param bool $all all of them are meant, not any one */
    public function __construct(public ParameterType $of, public bool $all = false) {}

    public static function control(): Control
    {
        return Control::List;
    }

    /** @return list<mixed> */
    public function read(Node $node, RuleContext $context): array
    {
        $items = $node->items();
        if ($items === []) {
            throw $node->unfinished('Give at least one.');
        }
        if (count($items) > self::MOST) {
            throw $node->fail('There are at most {most} in a list.', most: self::MOST);
        }
        $faults = new Faults();
        $values = [];
        foreach ($items as $item) {
            $value = $faults->collect(fn(): mixed => $this->of->read($item, $context));
            if (!in_array($value, $values, true)) {
                $values[] = $value;
            }
        }
        $faults->throwIfAny();

        return $values;
    }

    public function write(mixed $value): mixed
    {
        return is_array($value) ? array_map($this->of->write(...), $value) : $value;
    }

    public function schema(): array
    {
        return ['type' => 'array', 'minItems' => 1, 'maxItems' => self::MOST, 'items' => $this->of->schema()];
    }

    public function bounds(): array
    {
        return ['of' => ['control' => $this->of::control()->value] + $this->of->bounds()] +
            ($this->all ? ['all' => true] : []);
    }
}
