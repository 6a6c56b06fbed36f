<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;

/** A length of time in minutes; ISO 8601 in documents. */
final readonly class Minutes implements ParameterType
{
    private const MOST = 60_000;

    public static function control(): Control
    {
        return Control::Minutes;
    }

    public function read(Node $node, RuleContext $context): int
    {
        $minutes = $node->minutes();

        return $minutes >= 1 && $minutes <= self::MOST
            ? $minutes
            : throw $node->fail('A length of time from PT1M to PT1000H belongs here.');
    }

    public function write(mixed $value): mixed
    {
        return is_int($value) ? Duration::format($value) : $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => Duration::PATTERN];
    }

    public function bounds(): array
    {
        return ['most' => self::MOST];
    }
}
