<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Document\TrackFormat;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;

/** The JSON Schema of the track of a kind of case, its gates from what their kinds declare of themselves. */
final readonly class TrackSchema
{
    private const KEY = ['$ref' => '#/$defs/key'];

    private const LABEL = ['$ref' => '#/$defs/label'];

    public function __construct(private KindRegistry $kinds) {}

    /** @return array<string, mixed> */
    public function build(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => RulebookSchema::BASE . 'track.schema.json',
            'title' => 'Track',
            'description' =>
                'The stages that a kind of case goes through, what opens the gates between them, and how it ends. ' .
                'Generated from the kinds that the core knows.',
        ] +
            Shape::object(
                [
                    'openbaton' => ['const' => TrackFormat::VERSION],
                    'id' => self::KEY,
                    'name' => self::LABEL,
                    'owner_takes_tasks' => [
                        'description' =>
                            'Work that rules hold ready in a case whose owner may take it comes to the owner.',
                        'type' => 'boolean',
                        'default' => false,
                    ],
                    'stages' => self::few(TrackFormat::MOST_STAGES) + ['minItems' => 1, 'items' => self::stage()],
                    'outcomes' => self::few(TrackFormat::MOST_OUTCOMES) + [
                        'minItems' => 1,
                        'items' => Shape::object(['key' => self::KEY, 'label' => self::LABEL], ['key', 'label']),
                    ],
                ],
                ['openbaton', 'id', 'name', 'stages', 'outcomes'],
            ) + ['$defs' => $this->definitions()];
    }

    /** @return array<string, mixed> */
    private function definitions(): array
    {
        return [
            'key' => TextLimits::schema(TextLimits::LABEL) + ['pattern' => '^[a-z0-9][a-z0-9-]*$'],
            'label' => TextLimits::schema(TextLimits::LABEL),
            'gates' => self::few(TrackFormat::MOST_GATES) + [
                'items' => ['oneOf' => array_map(PartSchema::of(...), array_values($this->kinds->of(Family::Gate)))],
            ],
            // The criteria of a gate are those of rules.
            'criteria' => ['$ref' => RulebookSchema::BASE . 'rulebook.schema.json#/$defs/criteria'],
        ];
    }

    /** @return array<string, mixed> */
    private static function stage(): array
    {
        $gates = ['$ref' => '#/$defs/gates'];

        return Shape::object(
            [
                'key' => self::KEY,
                'name' => self::LABEL,
                'target' => [
                    'description' => 'How long a case stays there at most, in working hours of the house.',
                    'type' => 'string',
                    'pattern' => Duration::PATTERN,
                ],
                'guide' => TextLimits::schema(TextLimits::ID) + ['description' => 'What is to be done there.'],
                'movers' =>
                    ['description' => 'Who moves a case on from there, besides leads.'] +
                    Shape::object([
                        'owner' => ['type' => 'boolean', 'default' => true],
                        'teams' => ['type' => 'array', 'items' => TextLimits::schema(TextLimits::ID)],
                        'anyone' => ['type' => 'boolean', 'default' => false],
                    ]),
                'leave' => $gates,
                'enter' => $gates,
                'retired' => ['type' => 'boolean', 'default' => false],
            ],
            ['key', 'name'],
        );
    }

    /** @return array<string, mixed> */
    private static function few(int $most): array
    {
        return ['type' => 'array', 'maxItems' => $most];
    }
}
