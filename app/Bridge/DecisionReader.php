<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Tasks\Decision;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Event\Pressed;

/**
 * Recorded decisions as whole documents: what the record does not keep follows from the version that decided and the
 * facts.
 */
final readonly class DecisionReader
{
    public function __construct(private RulebookReader $rulebooks) {}

    /** @return array<string, mixed> as docs/formats/decision.schema.json describes it */
    public function document(Decision $decision): array
    {
        return DecisionFormat::expand(
            Node::root($decision->record),
            self::facts($decision),
            $this->rulebooks->compiled($decision->rulebook_version_id),
        );
    }

    /**
     * Enough for a line, without what every other rule came to.
     *
     * @return array<string, mixed> the same with the verdict of the rule that decided alone
     */
    public function brief(Decision $decision): array
    {
        return DecisionFormat::expandDeciding(
            Node::root($decision->record),
            self::facts($decision),
            $this->rulebooks->compiled($decision->rulebook_version_id),
        );
    }

    /** @return string|null the words on the button that was pressed; null: none was */
    public function pressed(Decision $decision): ?string
    {
        $trigger = Node::root($decision->record)->find('trigger')?->items();
        if ($trigger === null || $trigger[0]->text() !== Pressed::kind()) {
            return null;
        }
        foreach ($this->rulebooks->compiled($decision->rulebook_version_id)->rulebook->rules as $rule) {
            foreach ($rule->id === $trigger[1]->text() ? $rule->events : [] as $event) {
                if ($event instanceof Pressed) {
                    return $event->label;
                }
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private static function facts(Decision $decision): array
    {
        /** @var array<string, mixed> $facts */
        $facts = $decision->facts;

        return $facts;
    }
}
