<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Time\WorkingSpan;
use stdClass;

/**
 * Rules of the first format as rules of today's: there, events stood as bare
 * codes, and a due date was given by "working_time" or "working_days".
 */
final class RulebookUpgrade
{
    public const FROM = 'rulebook/1';

    /**
     * @param Node   $node    the list of rules
     * @param string $version of their document; of today's they stay as they are
     *
     * @throws DocumentError
     */
    public static function rules(Node $node, string $version): Node
    {
        return $version === self::FROM ? Node::root(array_map(self::rule(...), $node->items()), $node->pointer) : $node;
    }

    private static function rule(Node $node): mixed
    {
        $rule = $node->value;
        if (!is_array($rule) && !($rule instanceof stdClass)) {
            return $rule;
        }
        $rule = (array) $rule;
        if (is_array($rule['when'] ?? null)) {
            $rule['when'] = array_map(
                static fn(mixed $event): mixed => is_string($event) ? ['kind' => $event] : $event,
                $rule['when'],
            );
        }
        if (is_array($rule['then'] ?? null)) {
            $rule['then'] = array_map(self::followUp(...), $node->itemsOf('then'));
        }

        return $rule;
    }

    private static function followUp(Node $node): mixed
    {
        $part = $node->value;
        if (!is_array($part) && !($part instanceof stdClass)) {
            return $part;
        }
        $part = (array) $part;
        if (($part['kind'] ?? null) !== 'due_in') {
            return $part;
        }
        if ($node->has('working_time') === $node->has('working_days')) {
            throw $node->fail('Give either "working_time" or "working_days".');
        }
        $part['after'] =
            $node->find('working_time')->value ??
            'P' . $node->get('working_days')->intBetween(0, WorkingSpan::MOST_DAYS) . 'D';
        unset($part['working_time'], $part['working_days']);

        return $part;
    }
}
