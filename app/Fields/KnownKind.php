<?php

declare(strict_types=1);

namespace App\Fields;

use OpenBaton\Core\Subject\Completion;

/** A kind of task as decisions and documents see it. */
final readonly class KnownKind
{
    /**
     * @param int                     $usualMinutes the effort that it usually takes
     * @param array<array-key, mixed> $defaults     values that tasks of it begin with, as in documents, by path
     * @param list<AskedField>|null   $asks         fields of the house that its tasks have, in their order; null: all
     * @param Completion              $completion   what has to be there before a task of it is completed
     * @param bool       $needed for the stage of the case in which one is made
     */
    public function __construct(
        public string $id,
        public string $slug,
        public string $name,
        public int $usualMinutes,
        public array $defaults = [],
        public ?array $asks = null,
        public Completion $completion = new Completion(),
        public bool $needed = false,
    ) {}

    /** Whether its tasks have a field of the house. */
    public function has(string $path): bool
    {
        return $this->asks === null ||
            array_filter($this->asks, static fn(AskedField $one): bool => $one->path === $path) !== [];
    }

    /** @return list<string> paths of the fields that its tasks cannot be without */
    public function required(): array
    {
        return array_column(
            array_filter($this->asks ?? [], static fn(AskedField $one): bool => $one->required),
            'path',
        );
    }
}
