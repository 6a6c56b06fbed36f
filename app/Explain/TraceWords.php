<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Unavailability;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Routing\Step;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Subject\CaseFields;

/** What single parts of a trace say. */
final readonly class TraceWords
{
    /** Members of effects that are values of a field, by name. */
    private const FIELDS = [
        'from' => CaseFields::STAGE,
        'to' => CaseFields::STAGE,
        'stage' => CaseFields::STAGE,
        'track' => CaseFields::TRACK,
        'outcome' => CaseFields::OUTCOME,
    ];

    public function __construct(private HouseWords $house, private PartWords $parts) {}

    /** @param Node $verdict of the rule whose pool is narrowed */
    public function stepLabel(string $code, Node $verdict): string
    {
        return match ($code) {
            'pool' => $verdict->has('pool')
                ? $this->parts->say(Family::Pool, $verdict->get('pool'), 'step')
                : $this->house->words->say('trail.pool'),
            'present', 'cover', Step::AGAIN, Step::SUBSTITUTES => $this->house->words->say("trail.{$code}"),
            default => $this->house->words->say(
                $this->house->words->has("limit.{$code}.step") ? "limit.{$code}.step" : "limit.{$code}.name",
            ),
        };
    }

    /** @param Node $fallen who was left out of the pool, and why */
    public function reasons(Node $fallen): string
    {
        $figures = $fallen->find('figures') ?? Node::root([]);
        $said = array_map(fn(string $code): string => $this->reason($code, $figures), $fallen->textsOf('reasons'));

        return implode('; ', $said);
    }

    /** @param Node $figures with what stood against somebody, such as until when they are away */
    public function reason(string $code, Node $figures): string
    {
        if (Unavailability::tryFrom($code) === null) {
            return $this->parts->reason($code, $figures);
        }
        $until = $figures->find('away_until')?->text();

        return $this->house->words->say("unavailability.{$code}", [
            'away_until' => $until === null ? 'none' : $this->house->until($until),
        ]);
    }

    /**
     * What the method compared of somebody.
     *
     * @param Node $candidate with their figures
     * @param Node $picked    with those of whoever was picked
     */
    public function figures(Node $candidate, Node $picked): string
    {
        $say = $this->house->words->say(...);
        $parts = [];
        if ($candidate->has('pass')) {
            $away = $candidate->get('pass')->int() - $picked->get('pass')->int();
            $parts[] =
                $candidate->get('person')->text() === $picked->get('person')->text()
                    ? $say('figures.turn')
                    : $say('figures.turns_away', [
                        'turns' =>
                            $away === 0
                                ? 'none'
                                : $this->house->words->number(max(0.01, $away / Rotation::stride(100)), 2),
                    ]);
            $weight = $candidate->find('weight')?->int() ?? 100;
            if ($weight !== 100) {
                $parts[] = $say('figures.weight', ['weight' => $this->house->words->number($weight / 100, 2)]);
            }
        }
        $values = (array) $candidate->value;
        if (array_key_exists('load_percent', $values)) {
            $parts[] = $say('figures.load', ['load_percent' => $candidate->find('load_percent')?->int() ?? 'none']);
        }
        if (array_key_exists('finish_at', $values)) {
            $finish = $candidate->find('finish_at')?->text();
            $parts[] = $say('figures.finish', [
                'finish_at' => $finish === null ? 'none' : $this->house->moment($finish),
            ]);
        }
        if (array_key_exists('last_assigned', $values)) {
            $last = $candidate->find('last_assigned')?->text();
            $parts[] = $say('figures.last_assigned', [
                'last_assigned' => $last === null ? 'none' : $this->house->moment($last),
            ]);
        }
        if ($candidate->has('score')) {
            $parts[] = $say(
                'figures.score',
                array_map(static fn(Node $part): int => $part->int(), [
                    'score' => $candidate->get('score'),
                    'skill' => $candidate->get('skill'),
                    'load' => $candidate->get('load'),
                    'customer' => $candidate->get('customer'),
                    'idle' => $candidate->get('idle'),
                ]),
            );
        }
        if ($candidate->has('place')) {
            $parts[] = $say('figures.place', ['place' => $candidate->get('place')->int()]);
        }

        return implode(', ', $parts);
    }

    public function otherwise(Node $otherwise): ?string
    {
        return $otherwise->get('kind')->text() === 'next_rule'
            ? null
            : $this->house->words->say('trail.otherwise', [
                'otherwise' => $this->parts->say(Family::Otherwise, $otherwise),
            ]);
    }

    public function method(Node $method): string
    {
        return $this->parts->say(Family::Method, $method, 'step');
    }

    public function effect(Node $effect): string
    {
        $code = $effect->get('effect')->text();
        $path = $effect->find('field')?->text();
        $slots = [];
        foreach ($effect->members() as [$name, $value]) {
            $slots[$name] = match (true) {
                $name === 'due' && $value->value !== null => $this->house->moment($value->text()),
                $name === 'field' => $this->house->field($value->text()),
                $name === 'value' && $path !== null => $this->house->value($path, $value->value),
                $name === 'person' => $this->house->person($value->text()),
                $name === 'people' => implode(', ', array_map($this->house->person(...), $value->texts())),
                $name === 'status' => $this->house->words->say("status.{$value->text()}"),
                $name === 'missing' => $value->items() === [] ? 'none' : (new GateWords($this->house))->record($value),
                isset(self::FIELDS[$name]) => $value->value === null
                    ? 'none'
                    : $this->house->value(self::FIELDS[$name], $value->value),
                is_bool($value->value) => $value->value ? 'true' : 'false',
                default => is_scalar($value->value) ? (string) $value->value : '',
            };
        }

        return $this->house->words->say(
            'effect.' .
                match (true) {
                    $code === 'due_follows' && !$effect->has('due') => 'due_unknown',
                    $effect->has('of') => "{$code}_of_{$effect->get('of')->text()}",
                    default => $code,
                },
            $slots,
        );
    }

    /** The comparison on account of which criteria failed. */
    public function failed(Node $failed): string
    {
        $comparison = $failed->get('comparison');
        $path = $comparison->find('field')?->value;
        if (!is_string($path) || $path === '') {
            return $this->house->words->say('verdict.criteria_empty');
        }

        return $this->house->words->say(
            $failed->get('negated')->bool() ? 'verdict.criterion_held' : 'verdict.criterion_failed',
            [
                'field' => $this->house->field($path),
                'asked' => (new CriteriaWords($this->house))->asked($comparison, $path),
                'seen' => $this->house->value($path, $failed->find('seen')?->value),
            ],
        );
    }
}
