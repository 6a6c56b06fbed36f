<?php

declare(strict_types=1);

namespace App\Cases;

/** Which cases a list has, and in which order: what stands in its address. */
final readonly class CaseFilter
{
    public const OPEN = 'open';

    public const CLOSED = 'closed';

    public const ALL = 'all';

    public const NOBODY = 'nobody';

    public const STATES = [self::OPEN, self::CLOSED, self::ALL];

    /** Longer in its stage than the track says it should be; with a move that was refused. */
    public const WAITS = ['late', 'refused'];

    /** Of those that have left the stage in the last weeks: which way. */
    public const MOVED = ['on', 'back'];

    /** How many weeks those are. */
    public const WEEKS = 4;

    public const SORTS = ['number', 'title', 'customer', 'stage', 'since', 'owner', 'opened'];

    /** Members of an address, each with what it is where it is not there. */
    private const USUAL = [
        'q' => '',
        'state' => self::OPEN,
        'track' => '',
        'stage' => '',
        'owner' => '',
        'customer' => '',
        'tag' => '',
        'waits' => '',
        'moved' => '',
        'sort' => 'since',
        'down' => '',
    ];

    /** @param array<string, string> $given by member, each of those that are usual */
    private function __construct(private array $given) {}

    /** @param array<string, string> $given members of an address; those that are not known count for nothing */
    public static function of(array $given): self
    {
        return new self(array_map(trim(...), array_intersect_key($given, self::USUAL) + self::USUAL));
    }

    public function get(string $name): string
    {
        return $this->given[$name] ?? '';
    }

    /** @return array<string, string> members of its address that are not as usual */
    public function params(): array
    {
        return array_filter(
            $this->given,
            static fn(string $value, string $name): bool => $value !== self::USUAL[$name],
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
