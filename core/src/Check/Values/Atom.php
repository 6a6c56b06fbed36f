<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

/** Something about a field that holds or does not, other than which value it has. */
final readonly class Atom
{
    public string $key;

    /**
     * @param string   $operand in the form in which values are compared
     * @param int|null $options of a list: how many values there are; null: no end of them
     * @param bool     $filled  it holds only where the field has a value
     */
    public function __construct(
        public AtomKind $kind,
        public string $path,
        public string $operand = '',
        public ?int $options = null,
        public bool $filled = true,
    ) {
        $this->key = "{$kind->value}\0{$path}\0{$operand}";
    }

    /** Whether it holds for a text; null: that is not known. */
    public function ofText(string $text): ?bool
    {
        return match ($this->kind) {
            AtomKind::Contains => str_contains($text, $this->operand),
            AtomKind::StartsWith => str_starts_with($text, $this->operand),
            AtomKind::EndsWith => str_ends_with($text, $this->operand),
            default => null,
        };
    }

    /** Whether the other holds wherever this one does. */
    public function implies(self $other): bool
    {
        if ($this->path !== $other->path) {
            return false;
        }

        return match ($other->kind) {
            AtomKind::HasAny => $this->kind === AtomKind::Has,
            AtomKind::Contains => $this->ofText($this->operand) === true &&
                str_contains($this->operand, $other->operand),
            AtomKind::StartsWith => $this->kind === AtomKind::StartsWith &&
                str_starts_with($this->operand, $other->operand),
            AtomKind::EndsWith => $this->kind === AtomKind::EndsWith && str_ends_with($this->operand, $other->operand),
            default => false,
        };
    }
}
