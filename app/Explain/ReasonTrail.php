<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Routing\Verdict;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\SeatName;

/**
 * A decision's document put into words: the narrowing with everyone's reason,
 * the figures of the method, what each rule came to.
 *
 * @phpstan-type PersonName array{slug: string, name: string}
 * @phpstan-type EffectsOfRule array{rule: string|null, said: list<string>}
 * @phpstan-type Step array{code: string, count: int, label: string, kept: list<PersonName>,
 *     fallen: list<array{slug: string, name: string, reason: string}>}
 */
final readonly class ReasonTrail
{
    private const LATE_SECONDS = 300;

    private TraceWords $words;

    private Narrowing $narrowing;

    public function __construct(private HouseWords $house)
    {
        $this->words = new TraceWords($house, new PartWords($house, KindRegistry::standard()));
        $this->narrowing = new Narrowing($house, $this->words);
    }

    /**
     * @param array<string, mixed> $decision as docs/formats/decision.schema.json describes it
     *
     * @return array<string, mixed> a Trail of app/Http/Pages/TaskView.ts
     */
    public function of(array $decision): array
    {
        $trace = Node::root($decision);
        $verdicts = $trace->itemsOf('verdicts');
        $deciding = self::deciding($trace);

        return [
            'at' => $trace->get('at')->text(),
            'version' => $trace->get('rulebook_version')->text(),
            'late' => $this->late($trace),
            'seat' => $trace->find('seat')?->text() ?? SeatName::Holder->value,
            'outcome' => $trace->get('outcome')->text(),
            'rule' =>
                $deciding === null
                    ? null
                    : ['id' => $deciding->get('rule')->text(), 'name' => $deciding->get('name')->text()],
            'pick' => $this->personOrNull($trace->find('assignee')),
            'heldWith' => array_map($this->house->named(...), $trace->textsOf('held_with')),
            'summary' => $this->summary($trace, $deciding),
            'house' => $deciding?->find('house')?->int() ?? 0,
            'steps' => $deciding === null ? [] : $this->narrowing->steps($deciding),
            'method' => $deciding === null ? null : $this->method($deciding),
            'cover' => $deciding?->has('cover') === true ? $this->cover($deciding->get('cover')) : null,
            'otherwise' =>
                $deciding?->has('otherwise') === true ? $this->words->otherwise($deciding->get('otherwise')) : null,
            'openTo' => array_map($this->house->named(...), $trace->textsOf('open_to')),
            'effects' => $this->effects($trace),
            'verdicts' => array_map($this->verdict(...), $verdicts),
        ];
    }

    /**
     * A decision in a line.
     *
     * @param array<string, mixed> $decision as docs/formats/decision.schema.json describes it
     *
     * @return array{rule: string|null, summary: string, effects: list<EffectsOfRule>, late: string|null}
     */
    public function brief(array $decision): array
    {
        $trace = Node::root($decision);
        $deciding = self::deciding($trace);

        return [
            'rule' => $deciding?->get('name')->text(),
            'summary' => $this->summary($trace, $deciding),
            'effects' => $this->effects($trace),
            'late' => $this->late($trace),
        ];
    }

    /** @return list<EffectsOfRule> in the order of the rulebook */
    private function effects(Node $trace): array
    {
        $byRule = [];
        foreach ($trace->itemsOf('effects') as $effect) {
            $rule = $effect->find('rule')?->text() ?? '';
            $byRule[$rule] ??= ['rule' => $effect->find('name')?->text(), 'said' => []];
            $byRule[$rule]['said'][] = $this->words->effect($effect);
        }

        return array_values($byRule);
    }

    private static function deciding(Node $trace): ?Node
    {
        foreach ($trace->itemsOf('verdicts') as $verdict) {
            if ($verdict->get('verdict')->text() === Verdict::Decided->value) {
                return $verdict;
            }
        }

        return null;
    }

    /** By how much a timer came late, where that is more than a few minutes. */
    private function late(Node $trace): ?string
    {
        $seconds = $trace->has('due') ? $trace->get('at')->instant() - $trace->get('due')->instant() : 0;

        return $seconds < self::LATE_SECONDS
            ? null
            : $this->house->words->say('history.late', ['span' => $this->house->duration(intdiv($seconds, 60))]);
    }

    private function summary(Node $trace, ?Node $deciding): string
    {
        if ($deciding === null && $trace->itemsOf('effects') !== []) {
            return $this->house->words->say('trail.followed_up');
        }
        if ($deciding === null) {
            return $this->house->words->say('trail.no_rule');
        }
        $parts = [$this->narrowing->sentence($deciding)];
        $method = $this->method($deciding);
        if ($method !== null) {
            $parts[] = $method['label'];
        }
        $person = $this->house->person($trace->find('assignee')?->text());
        $parts[] = match ($trace->get('outcome')->text()) {
            'assigned' => $this->assigned($trace, $person),
            'kept' => $this->house->words->say('trail.kept', ['person' => $person]),
            'open' => $this->house->words->say('trail.open', ['count' => count($trace->textsOf('open_to'))]),
            default => $this->house->words->say('trail.unplaced'),
        };

        return implode(' → ', $parts);
    }

    /** Who got it, or all who got it together. */
    private function assigned(Node $trace, string $person): string
    {
        $others = array_map($this->house->person(...), $trace->textsOf('held_with'));

        return $others === []
            ? $person
            : $this->house->words->say('trail.together', ['people' => implode(', ', [$person, ...$others])]);
    }

    /**
     * @return array{code: string, label: string, candidates: list<array{slug: string, name: string, figures: string,
     *     picked: bool}>}|null
     */
    private function method(Node $verdict): ?array
    {
        if (!$verdict->has('candidates')) {
            return null;
        }
        $pick = $verdict->find('pick')?->text();
        $with = $verdict->textsOf('held_with');
        $candidates = $verdict->itemsOf('candidates');
        $picked = $candidates[0] ?? null;
        foreach ($candidates as $candidate) {
            $picked = $candidate->get('person')->text() === $pick ? $candidate : $picked;
        }
        $method = $verdict->get('method');

        return [
            'code' => $method->get('kind')->text(),
            'label' => $this->words->method($method),
            'candidates' => array_map(
                fn(Node $candidate): array => $this->house->named($candidate->get('person')->text()) + [
                    'figures' => $this->words->figures($candidate, $picked ?? $candidate),
                    'picked' => in_array($candidate->get('person')->text(), [$pick, ...$with], true),
                ],
                $candidates,
            ),
        ];
    }

    /** @return array<string, mixed>|null null where the one who was named is there */
    private function cover(Node $cover): ?array
    {
        if ($cover->find('person')?->text() === $cover->get('for')->text()) {
            return null;
        }

        return [
            'for' => $this->personOrNull($cover->find('for')),
            'person' => $this->personOrNull($cover->find('person')),
            'byLead' => $cover->get('by_lead')->bool(),
            'circle' => $cover->get('circle')->bool(),
            'asked' => array_map(function (Node $step): array {
                $reasons = array_map(
                    fn(string $reason): string => $this->words->reason($reason, $step),
                    $step->textsOf('reasons'),
                );

                return $this->house->named($step->get('person')->text()) + [
                    'reason' => $reasons === [] ? $this->house->words->say('trail.there') : implode('; ', $reasons),
                ];
            }, $cover->itemsOf('asked')),
        ];
    }

    /** @return array{rule: string, name: string, verdict: string, sentence: string} */
    private function verdict(Node $verdict): array
    {
        $code = $verdict->get('verdict')->text();

        return [
            'rule' => $verdict->get('rule')->text(),
            'name' => $verdict->get('name')->text(),
            'verdict' => $code,
            'sentence' => match (true) {
                $verdict->has('failed') => $this->words->failed($verdict->get('failed')),
                $code === Verdict::NobodyEligible->value => $this->house->words->say("verdict.{$code}", [
                    'narrowing' => $this->narrowing->sentence($verdict),
                ]),
                default => $this->house->words->say("verdict.{$code}"),
            },
        ];
    }

    /** @return PersonName|null */
    private function personOrNull(?Node $slug): ?array
    {
        return $slug === null ? null : $this->house->named($slug->text());
    }
}
