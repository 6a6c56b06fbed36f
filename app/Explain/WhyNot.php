<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Routing\Verdict;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;

/**
 * Why a decision gave a task to somebody or not, rule by rule as far as they looked for somebody, and what would have
 * to be different.
 *
 * @phpstan-type Answer array{rule: string|null, said: string, needs: string|null}
 */
final readonly class WhyNot
{
    private TraceWords $trace;

    private PartWords $parts;

    public function __construct(private HouseWords $house)
    {
        $this->parts = new PartWords($house, KindRegistry::standard());
        $this->trace = new TraceWords($house, $this->parts);
    }

    /**
     * @param array<string, mixed> $decision as docs/formats/decision.schema.json describes it
     *
     * @return non-empty-list<Answer>
     */
    public function of(array $decision, string $personId): array
    {
        $node = Node::root($decision);
        $answers = [];
        foreach ($node->itemsOf('verdicts') as $verdict) {
            $code = $verdict->get('verdict')->text();
            if ($verdict->has('steps')) {
                $answers[] = ['rule' => $verdict->get('name')->text()] + $this->ofRule($verdict, $personId);
            }
            if ($code === Verdict::Decided->value) {
                break;
            }
        }

        return $answers === [] ? [['rule' => null] + $this->answer(null, 'no_rule')] : $answers;
    }

    /** @return array{said: string, needs: string|null} */
    private function ofRule(Node $verdict, string $personId): array
    {
        $got = [$verdict->find('pick')?->text(), ...$verdict->textsOf('held_with')];
        if (in_array($personId, $got, true)) {
            return $this->answer(null, 'picked');
        }
        $before = false;
        foreach ($verdict->itemsOf('steps') as $step) {
            $code = $step->get('step')->text();
            foreach ($step->itemsOf('fallen') as $one) {
                if ($one->get('person')->text() === $personId) {
                    return $this->fallen($code, $one, $verdict);
                }
            }
            $before = $before || in_array($personId, $step->textsOf('kept'), true);
        }
        if (!$before) {
            $pool = $this->parts->say(Family::Pool, $verdict->get('pool'));

            return $this->answer('pool', 'pool', ['pool' => $pool]);
        }

        return $this->compared($verdict, $personId);
    }

    /** @return array{said: string, needs: string|null} */
    private function fallen(string $step, Node $one, Node $verdict): array
    {
        return $this->answer($one->textsOf('reasons')[0] ?? null, 'fallen', [
            'step' => $this->trace->stepLabel($step, $verdict),
            'reason' => $this->trace->reasons($one),
        ]);
    }

    /** @return array{said: string, needs: string|null} */
    private function compared(Node $verdict, string $personId): array
    {
        $pick = $verdict->find('pick')?->text();
        $figures = [];
        foreach ($verdict->itemsOf('candidates') as $one) {
            $figures[$one->get('person')->text()] = $one;
        }
        $theirs = $figures[$personId] ?? null;
        $picked = $figures[$pick ?? ''] ?? null;
        $method = $verdict->get('method');
        if ($pick === null || $theirs === null || $picked === null) {
            return $this->answer(null, 'eligible');
        }

        return $this->answer($method->get('kind')->text(), 'compared', [
            'picked' => $this->house->person($pick),
            'method' => $this->trace->method($method),
            'their_figures' => $this->trace->figures($picked, $picked),
            'figures' => $this->trace->figures($theirs, $picked),
        ]);
    }

    /**
     * @param string|null                      $needs code of what would have to be different; null: nothing
     * @param array<string, string|int|float>  $slots
     *
     * @return array{said: string, needs: string|null}
     */
    private function answer(?string $needs, string $why, array $slots = []): array
    {
        $words = $this->house->words;
        $path = "why_not.needs.{$needs}";

        return [
            'said' => $words->say("why_not.{$why}", $slots),
            'needs' => $needs !== null && $words->has($path) ? $words->say($path) : null,
        ];
    }
}
