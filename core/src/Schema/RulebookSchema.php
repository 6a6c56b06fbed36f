<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Criteria\RelativeDate;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\SeatName;

/** The JSON Schema of a rulebook, from what the kinds of parts declare of themselves. */
final readonly class RulebookSchema
{
    public const BASE = 'https://openbaton.example/formats/';

    public function __construct(private KindRegistry $kinds) {}

    /** @return array<string, mixed> */
    public function build(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => self::BASE . 'rulebook.schema.json',
            'title' => 'Rulebook',
            'description' =>
                'The ordered assignment rules, and the fields that their criteria may ask about. Generated from ' .
                'the kinds that the core knows.',
            'type' => 'object',
            'required' => ['openbaton', 'fields', 'rules'],
            'additionalProperties' => false,
            'properties' => [
                'openbaton' => ['const' => RulebookFormat::VERSION],
                'fields' => ['type' => 'array', 'items' => $this->field()],
                'rules' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/rule']],
            ],
            '$defs' => $this->definitions(),
        ];
    }

    /** @return array<string, mixed> */
    private function definitions(): array
    {
        $definitions = [
            'id' => TextLimits::schema(TextLimits::ID),
            'name' => TextLimits::schema(TextLimits::NAME),
            'instant' => ['type' => 'string', 'pattern' => Instant::PATTERN],
            'rule' => $this->rule(),
            'criteria' => $this->criteria(),
            'give' => $this->give(),
        ];
        foreach (Family::ofRules() as $family) {
            $definitions[$family->value] = [
                'oneOf' => array_map(PartSchema::of(...), array_values($this->kinds->of($family))),
            ];
        }

        $definitions['happened'] = [
            'description' => 'Kinds of event that happen by themselves, in a world: with all that there is of them.',
            'oneOf' => array_map(PartSchema::of(...), array_values($this->kinds->happening())),
        ];

        return $definitions;
    }

    /** @return array<string, mixed> */
    private function rule(): array
    {
        $of = static fn(string $name): array => ['$ref' => "#/\$defs/{$name}"];

        return Shape::object(
            [
                'id' => $of('id'),
                'name' => $of('name'),
                'heading' =>
                    ['description' => 'Of the group of rules that begins with it.'] +
                    TextLimits::schema(TextLimits::LABEL),
                'note' => ['description' => 'Why it is as it is.'] + TextLimits::schema(TextLimits::REASON),
                'active' => ['type' => 'boolean', 'default' => true],
                'when' => [
                    'description' => 'Any of these.',
                    'type' => 'array',
                    'minItems' => 1,
                    'items' => $of(Family::Event->value),
                ],
                'if' => [
                    'anyOf' => [
                        $of('criteria'),
                        ['description' => 'Criteria as JsonLogic.'] +
                        Shape::object(['logic' => ['type' => ['object', 'boolean']]], ['logic']),
                    ],
                ],
                'give' => $of('give'),
                'then' => ['type' => 'array', 'items' => $of(Family::FollowUp->value)],
                'valid_from' => $of('instant'),
                'valid_until' => $of('instant'),
            ],
            ['id', 'name', 'when'],
        ) + ['anyOf' => [['required' => ['give']], ['required' => ['then']]]];
    }

    /** @return array<string, mixed> */
    private function give(): array
    {
        $of = static fn(Family $family): array => ['$ref' => "#/\$defs/{$family->value}"];

        return Shape::object(
            [
                'seat' => ['enum' => array_column(SeatName::cases(), 'value'), 'default' => SeatName::Holder->value],
                'anew' => [
                    'type' => 'boolean',
                    'default' => false,
                    'description' => 'Whoever is in the seat does not keep it for being eligible.',
                ],
                'substitutes' => [
                    'type' => 'boolean',
                    'default' => false,
                    'description' => 'Whoever of the pool is absent is replaced by their substitute, not skipped.',
                ],
                'pool' => $of(Family::Pool),
                'method' => $of(Family::Method),
                'limits' => ['type' => 'array', 'items' => $of(Family::Limit)],
                'otherwise' => $of(Family::Otherwise) + [
                    'description' =>
                        'What happens where the rule holds and finds nobody; the next rule is asked where it is ' .
                        'missing.',
                ],
            ],
            ['pool', 'method'],
        );
    }

    /** @return array<string, mixed> */
    private function criteria(): array
    {
        $groups = array_map(
            static fn(GroupKind $kind): array => Shape::object(
                [$kind->value => ['type' => 'array', 'items' => ['$ref' => '#/$defs/criteria']]],
                [$kind->value],
            ),
            GroupKind::cases(),
        );

        return [
            'description' =>
                'A group, nested at most ' .
                CriteriaFormat::DEEPEST .
                ' deep, or a comparison. Money is in units of the house\'s currency, a duration in ISO 8601.',
            'oneOf' => [
                ...$groups,
                Shape::object(
                    [
                        'field' => ['$ref' => '#/$defs/id'],
                        'op' => ['enum' => array_keys(OperatorList::all())],
                        'value' => [
                            'description' =>
                                'Or {"field": path} of another field of the type, or {"now": a day seen from now}.',
                            'type' => ['string', 'number', 'boolean', 'array', 'object'],
                            'items' => ['type' => ['string', 'number']],
                            'additionalProperties' => false,
                            'properties' => [
                                'field' => ['$ref' => '#/$defs/id'],
                                'now' => ['type' => 'string', 'pattern' => RelativeDate::PATTERN],
                            ],
                        ],
                    ],
                    ['field', 'op'],
                ),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function field(): array
    {
        return Shape::object(
            [
                'path' => ['type' => 'string', 'pattern' => '^[a-z][a-z0-9_]*(\.[a-z][a-z0-9_]*)+$'],
                'label' => ['$ref' => '#/$defs/name'],
                'type' => ['enum' => array_column(FieldType::cases(), 'value')],
                'derived' => [
                    'description' => 'What is in it follows from something else: it is not set by itself.',
                    'type' => 'boolean',
                    'default' => false,
                ],
                'options' => [
                    'type' => 'array',
                    'items' => Shape::object(
                        ['value' => ['$ref' => '#/$defs/id'], 'label' => ['$ref' => '#/$defs/name']],
                        ['value', 'label'],
                    ),
                ],
            ],
            ['path', 'label', 'type'],
        );
    }
}
