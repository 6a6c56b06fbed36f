<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use Closure;
use InvalidArgumentException;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Refusal;
use stdClass;

/**
 * A place in a decoded JSON document: typed access that knows where it is, so
 * that whatever is wrong is reported by its JSON pointer (RFC 6901).
 *
 * Objects may be stdClass or arrays; where they are arrays, an empty one may
 * stand for an object or a list.
 */
final readonly class Node
{
    use ScalarValues;

    private function __construct(public mixed $value, public string $pointer) {}

    public static function root(mixed $value, string $pointer = ''): self
    {
        return new self($value, $pointer);
    }

    /** @throws DocumentError where $json is not a JSON document, or has a key of an object twice */
    public static function parse(string $json): self
    {
        return new self(Json::decode($json), '');
    }

    /**
     * @param string     $message with its slots in braces
     * @param string|int ...$slots what stands in them, by name
     */
    public function fail(string $message, string|int ...$slots): DocumentError
    {
        return DocumentError::at($this->pointer, $message, ...$slots);
    }

    /** Something is still to be given here. */
    public function unfinished(string $message, string|int ...$slots): DocumentError
    {
        return new DocumentError([new Fault($this->pointer, $message, true, $slots)]);
    }

    /**
     * Runs $make and reports what it refuses as being wrong here.
     *
     * @template T
     *
     * @param Closure(): T $make
     *
     * @return T
     */
    public function refuse(Closure $make): mixed
    {
        try {
            return $make();
        } catch (Refusal $error) {
            throw $this->fail($error->pattern, ...$error->slots);
        } catch (InvalidArgumentException $error) {
            throw $this->fail($error->getMessage());
        }
    }

    public function has(string $key): bool
    {
        return $this->isObject() && (((array) $this->value)[$key] ?? null) !== null;
    }

    public function get(string $key): self
    {
        return $this->find($key) ??
            throw new DocumentError([new Fault($this->pointer, '"{key}" is missing.', true, ['key' => $key], $key)]);
    }

    /** Null where the member is missing or null. */
    public function find(string $key): ?self
    {
        $value = $this->object()[$key] ?? null;

        return $value === null ? null : $this->at($key, $value);
    }

    /** @return list<self> */
    public function items(): array
    {
        if (!is_array($this->value) || !array_is_list($this->value)) {
            throw $this->fail('A list belongs here.');
        }

        return array_map($this->at(...), array_keys($this->value), $this->value);
    }

    /** @return list<self> empty where the member is missing */
    public function itemsOf(string $key): array
    {
        return $this->find($key)?->items() ?? [];
    }

    /** @return list<array{string, self}> key and member */
    public function members(): array
    {
        $members = [];
        foreach ($this->object() as $key => $value) {
            $members[] = [(string) $key, $this->at($key, $value)];
        }

        return $members;
    }

    /**
     * The members that do not belong here.
     *
     * @param list<string> $known
     *
     * @return list<Fault>
     */
    public function strangers(array $known): array
    {
        $faults = [];
        foreach ($this->members() as [$key, $member]) {
            if (!in_array($key, $known, true) && count($faults) < Faults::MOST) {
                $faults[] = new Fault(
                    $member->pointer,
                    'There is no such member; the known ones are {known}.',
                    slots: ['known' => implode(', ', $known)],
                );
            }
        }

        return $faults;
    }

    /**
     * Refuses members that do not belong here.
     *
     * @param list<string> $known
     */
    public function only(array $known): void
    {
        $strangers = $this->strangers($known);
        if ($strangers !== []) {
            throw new DocumentError($strangers);
        }
    }

    public function isObject(): bool
    {
        return $this->value instanceof stdClass ||
            (is_array($this->value) && ($this->value === [] || !array_is_list($this->value)));
    }

    /** @return array<array-key, mixed> */
    private function object(): array
    {
        return $this->isObject() ? (array) $this->value : throw $this->fail('An object belongs here.');
    }

    private function at(int|string $key, mixed $value): self
    {
        return new self($value, $this->pointer . Json::step($key));
    }
}
