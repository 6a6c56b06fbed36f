<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\People\Unavailability;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Routing\Step;
use OpenBaton\Core\Routing\Verdict;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\SubjectKind;

/** The JSON Schema of a decision, with the codes of the kinds that there are. */
final readonly class DecisionSchema
{
    private const TEXT = ['type' => 'string'];

    private const TEXT_OR_NULL = ['type' => ['string', 'null']];

    private const TEXTS = ['type' => 'array', 'items' => self::TEXT];

    public function __construct(private KindRegistry $kinds) {}

    /** @return array<string, mixed> */
    public function build(): array
    {
        $properties = [
            'event' => self::TEXT,
            'kind' => ['enum' => array_keys($this->kinds->of(Family::Event))],
            'at' => self::TEXT,
            'rulebook_version' => self::TEXT,
            'outcome' => ['enum' => array_column(Outcome::cases(), 'value')],
            'rule' => self::TEXT_OR_NULL + ['description' => 'The rule that decided.'],
            'assignee' => self::TEXT_OR_NULL + ['description' => 'Who is in the seat after it.'],
            'open_to' => self::TEXTS + ['description' => 'Who may claim an open task.'],
            'effects' => [
                'type' => 'array',
                'items' => [
                    'type' => 'object',
                    'required' => ['effect'],
                    'properties' => [
                        'effect' => self::TEXT,
                        'rule' => self::TEXT + ['description' => 'The rule that brought it about.'],
                        'name' => self::TEXT + ['description' => 'Of that rule.'],
                    ],
                ],
            ],
            'verdicts' => [
                'description' => 'One for each rule, in order.',
                'type' => 'array',
                'items' => $this->verdict(),
            ],
            'facts' => ['description' => 'The values that criteria saw, by field path.', 'type' => 'object'],
        ];
        $more = [
            'task' => self::TEXT + ['description' => 'What it is about: this, or one of the next three.'],
            'case' => self::TEXT,
            'customer' => self::TEXT,
            'house' => ['description' => 'It is about nothing but the house.', 'const' => 'house'],
            'kinds' => [
                'description' => 'Where the change raised several kinds of event, all that rules wait for.',
                'type' => 'array',
                'items' => $properties['kind'],
            ],
            'held_with' => self::TEXTS + ['description' => 'Who holds it together with the assignee after it.'],
            'cause' => [
                'description' => 'What brought the change about, where it was no intake.',
                'enum' => array_column(Cause::cases(), 'value'),
            ],
            'seat' => [
                'description' => 'The seat that was decided upon, where it was not the holder\'s.',
                'enum' => array_column(SeatName::cases(), 'value'),
            ],
            'due' => self::TEXT + ['description' => 'The moment for which a timer meant it.'],
            'before' => [
                'description' => 'What was in the fields that changed, by field path; null: nothing.',
                'type' => 'object',
            ],
            'chain' => [
                'description' => 'Its place in the chain that it belongs to.',
                'type' => 'object',
                'required' => ['of', 'link', 'generation', 'caused_by'],
            ],
        ];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => RulebookSchema::BASE . 'decision.schema.json',
            'title' => 'Decision',
            'description' =>
                'The outcome of routing one event, with its trace. Codes are stable. Generated from the kinds ' .
                'that the core knows.',
            'type' => 'object',
            'required' => array_keys($properties),
            'additionalProperties' => false,
            'properties' => $properties + $more,
            'oneOf' => array_map(
                static fn(SubjectKind $kind): array => ['required' => [$kind->value]],
                SubjectKind::cases(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function verdict(): array
    {
        return [
            'type' => 'object',
            'required' => ['rule', 'name', 'verdict'],
            'additionalProperties' => false,
            'properties' => [
                'rule' => self::TEXT,
                'name' => self::TEXT,
                'verdict' => ['enum' => array_column(Verdict::cases(), 'value')],
                'failed' => [
                    'type' => 'object',
                    'required' => ['pointer', 'comparison', 'seen', 'negated'],
                    'properties' => [
                        'pointer' => self::TEXT + ['description' => 'Of the comparison within the criteria.'],
                        'comparison' => ['type' => 'object'],
                        'seen' => ['description' => 'The value that it saw, null where there was none.'],
                        'negated' => [
                            'type' => 'boolean',
                            'description' => 'It held within a "none", where it must not.',
                        ],
                    ],
                ],
                'house' => ['type' => 'integer', 'description' => 'How many people there were in all.'],
                'steps' => ['description' => 'The narrowing of the pool.', 'type' => 'array', 'items' => $this->step()],
                'candidates' => [
                    'description' => 'Everyone eligible with the figures that the method went by.',
                    'type' => 'array',
                    'items' => ['type' => 'object', 'required' => ['person']],
                ],
                'cover' => [
                    'description' => 'Where one person was named: who was asked in their place.',
                    'type' => 'object',
                    'required' => ['for', 'person', 'by_lead', 'circle', 'asked'],
                ],
                'pool' => ['type' => 'object', 'description' => 'As the rule gave it.'],
                'method' => ['type' => 'object'],
                'otherwise' => [
                    'type' => 'object',
                    'description' => 'What the rule said to do where nobody was eligible.',
                ],
                'pick' => self::TEXT_OR_NULL,
                'held_with' => self::TEXTS,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function step(): array
    {
        $limits = array_keys($this->kinds->of(Family::Limit));

        return [
            'type' => 'object',
            'required' => ['step', 'kept', 'fallen'],
            'additionalProperties' => false,
            'properties' => [
                'step' => ['enum' => ['pool', 'cover', 'present', Step::AGAIN, ...$limits]],
                'kept' => self::TEXTS,
                'fallen' => [
                    'description' =>
                        'Those of the step before who were excluded; whoever is outside of the pool is not listed.',
                    'type' => 'array',
                    'items' => [
                        'type' => 'object',
                        'required' => ['person', 'reasons'],
                        'additionalProperties' => false,
                        'properties' => [
                            'person' => self::TEXT,
                            'reasons' => [
                                'type' => 'array',
                                'minItems' => 1,
                                'items' => ['enum' => [...array_column(Unavailability::cases(), 'value'), ...$limits]],
                            ],
                            'figures' => ['type' => 'object'],
                        ],
                    ],
                ],
            ],
        ];
    }
}
