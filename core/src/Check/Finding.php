<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

/** What a check has found of a rule, or of the rulebook as a whole. */
final readonly class Finding
{
    /**
     * @param string                    $kind     code of the check
     * @param string|null               $rule     id; null: it is about all rules together
     * @param list<string>              $others   ids of other rules that it names, in the order of the rulebook
     * @param list<string>              $pointers JSON pointers into the document of the rule: the words it is about
     * @param array<string, string|int> $slots    what its sentence says besides, as documents write it
     */
    public function __construct(
        public string $kind,
        public Certainty $certainty,
        public ?string $rule,
        public array $others = [],
        public array $pointers = [],
        public array $slots = [],
    ) {}

    /** @return array<string, mixed> */
    public function write(): array
    {
        return [
            'kind' => $this->kind,
            'certainty' => $this->certainty->value,
            'rule' => $this->rule,
            'others' => $this->others,
            'pointers' => $this->pointers,
            'slots' => (object) $this->slots,
        ];
    }
}
