<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\ActsBeyond;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Part;

/** The JSON Schema of what a sweep changes, in the words of a rule. */
final readonly class SweepSchema
{
    private const RULEBOOK = RulebookSchema::BASE . 'rulebook.schema.json';

    public function __construct(private KindRegistry $kinds) {}

    /** @return array<string, mixed> */
    public function build(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => RulebookSchema::BASE . 'sweep.schema.json',
            'title' => 'Sweep',
            'description' =>
                'What is changed of each open task that meets the criteria. Generated from the kinds ' .
                'that the core knows.',
        ] +
            Shape::object([
                'if' => ['$ref' => self::RULEBOOK . '#/$defs/rule/properties/if'],
                'hand_to' =>
                    ['description' => 'The person whose it is from then on.'] + TextLimits::schema(TextLimits::ID),
                'then' => ['type' => 'array', 'items' => $this->change()],
            ]) + [
                'anyOf' => [
                    ['required' => ['hand_to']],
                    ['required' => ['then'], 'properties' => ['then' => ['minItems' => 1]]],
                ],
            ];
    }

    /** @return array<string, mixed> a follow-up that acts on the task itself alone */
    private function change(): array
    {
        $followUps = array_filter(
            $this->kinds->of(Family::FollowUp),
            /** @param class-string<Part> $class */
            static fn(string $class): bool => !is_a($class, ActsBeyond::class, true),
        );

        return [
            'allOf' => [
                ['$ref' => self::RULEBOOK . '#/$defs/' . Family::FollowUp->value],
                ['properties' => ['kind' => ['enum' => array_keys($followUps)]]],
            ],
        ];
    }
}
