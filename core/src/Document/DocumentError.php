<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Foreseen;
use RuntimeException;

/** A document is not what it should be. */
final class DocumentError extends RuntimeException implements Foreseen
{
    /** @param non-empty-list<Fault> $faults */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(
            implode(
                "\n",
                array_map(
                    static fn(Fault $fault): string => ($fault->pointer === ''
                        ? '(the whole document)'
                        : $fault->pointer) .
                        ': ' .
                        $fault->reason,
                    $faults,
                ),
            ),
        );
    }

    /**
     * @param string     $message with its slots in braces
     * @param string|int ...$slots what stands in them, by name
     */
    public static function at(string $pointer, string $message, string|int ...$slots): self
    {
        return new self([new Fault($pointer, $message, slots: $slots)]);
    }
}
