<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Document\Node;

/** What a check has found of a rule, or of the rulebook as a whole. */
final readonly class Finding
{
    /**
     * @param string                    $kind     code of the check
     * @param string|null               $rule     id; null: it is about all rules together
     * @param list<string>              $others   ids of other rules that it names, in the order of the rulebook
     * @param list<string>              $pointers JSON pointers into the document of the rule: the words it is about
     * @param array<string, string|int> $slots    what its sentence says besides, as documents write it
     * @param Remedy|null               $remedy   null: there is none that is right in any case
     * @param array<string, int> $figures of recent work, which change from day to day and make no other finding of it
     */
    public function __construct(
        public string $kind,
        public Certainty $certainty,
        public ?string $rule,
        public array $others = [],
        public array $pointers = [],
        public array $slots = [],
        public ?Remedy $remedy = null,
        public array $figures = [],
    ) {}

    /** @param Node $node as write() made it */
    public static function read(Node $node): self
    {
        $slots = [];
        foreach ($node->get('slots')->members() as [$name, $value]) {
            $slots[$name] = is_int($value->value) ? $value->value : $value->text();
        }
        $figures = [];
        foreach ($node->find('figures')?->members() ?? [] as [$name, $value]) {
            $figures[$name] = $value->int();
        }
        $remedy = $node->find('remedy');

        return new self(
            $node->get('kind')->text(),
            $node->get('certainty')->case(Certainty::class),
            $node->find('rule')?->text(),
            $node->textsOf('others'),
            $node->textsOf('pointers'),
            $slots,
            $remedy === null
                ? null
                : new Remedy($remedy->get('kind')->case(RemedyKind::class), $remedy->get('at')->text()),
            $figures,
        );
    }

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
        ] +
            ($this->remedy === null
                ? []
                : ['remedy' => ['kind' => $this->remedy->kind->value, 'at' => $this->remedy->at]]) +
            ($this->figures === [] ? [] : ['figures' => $this->figures]);
    }

    /** The same whatever has come lately. */
    public function withoutFigures(): self
    {
        return new self(
            $this->kind,
            $this->certainty,
            $this->rule,
            $this->others,
            $this->pointers,
            $this->slots,
            $this->remedy,
        );
    }
}
