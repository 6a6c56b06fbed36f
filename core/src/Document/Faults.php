<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use Closure;
use OpenBaton\Core\Criteria\Fault;

/** Collects what is wrong in several places of a document, so that it can be said at once; the first of very many. */
final class Faults
{
    public const MOST = 500;

    /** @var list<Fault> */
    private array $found = [];

    /**
     * @template T
     *
     * @param Closure(): T $read
     *
     * @return T|null null where it is not right
     */
    public function collect(Closure $read): mixed
    {
        try {
            return $read();
        } catch (DocumentError $error) {
            $this->add(...$error->faults);

            return null;
        }
    }

    public function add(Fault ...$faults): void
    {
        array_push($this->found, ...array_slice(array_values($faults), 0, self::MOST - count($this->found)));
    }

    /** @return list<Fault> */
    public function all(): array
    {
        return $this->found;
    }

    /** @throws DocumentError */
    public function throwIfAny(): void
    {
        if ($this->found !== []) {
            throw new DocumentError($this->found);
        }
    }
}
