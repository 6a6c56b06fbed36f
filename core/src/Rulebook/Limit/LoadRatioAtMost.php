<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\NothingToCheck;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Workload\LoadView;

/** A load ratio of at most so many percent, counting the new task. */
final readonly class LoadRatioAtMost implements Limit
{
    use NothingToCheck;

    public function __construct(public int $percent) {}

    public static function kind(): string
    {
        return 'load_ratio_at_most';
    }

    public static function read(Node $node): static
    {
        $percent = $node->get('percent');

        return new self($percent->int() >= 1 && $percent->int() <= 1000 ? $percent->int() : throw $percent->fail('A percentage from 1 to 1000 belongs here.'));
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'percent' => $this->percent];
    }

    public function refusal(Person $person, LoadView $load): ?array
    {
        $ratio = $load->ratioWith($person->id);

        return $ratio->exceedsPercent($this->percent) ? ['load_percent' => $ratio->percent(), 'at_most' => $this->percent] : null;
    }

    public function looksAtWork(): bool
    {
        return true;
    }
}
