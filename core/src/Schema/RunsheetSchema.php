<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\Document\RunsheetFormat;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Subject\SubjectKind;

/** The JSON Schema of a runsheet, its steps from what their kinds declare of themselves. */
final readonly class RunsheetSchema
{
    private const BLOCK = ['$ref' => '#/$defs/block'];

    public function __construct(private KindRegistry $kinds) {}

    /** @return array<string, mixed> */
    public function build(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => RulebookSchema::BASE . 'runsheet.schema.json',
            'title' => 'Runsheet',
            'description' =>
                'Work that belongs together: steps, one after another and side by side. Generated from the kinds ' .
                'that the core knows.',
        ] +
            Shape::object(
                [
                    'openbaton' => ['const' => RunsheetFormat::VERSION],
                    'id' => TextLimits::schema(TextLimits::LABEL) + ['pattern' => '^[a-z0-9][a-z0-9-]*$'],
                    'name' => TextLimits::schema(TextLimits::LABEL),
                    'about' => [
                        'description' => 'What its runs are of; the house: of nothing.',
                        'enum' => [SubjectKind::Task->value, SubjectKind::Matter->value, SubjectKind::House->value],
                        'default' => SubjectKind::Task->value,
                    ],
                    'several' => [
                        'description' => 'More than one run at a time of one task or case.',
                        'type' => 'boolean',
                        'default' => false,
                    ],
                    'does' => self::BLOCK,
                ],
                ['openbaton', 'id', 'name', 'does'],
            ) + ['$defs' => $this->definitions()];
    }

    /** @return array<string, mixed> */
    private function definitions(): array
    {
        $common = [
            'key' => TextLimits::schema(TextLimits::LABEL) + ['pattern' => RunsheetFormat::KEY],
            'if' => ['description' => 'Where it does not hold the block is skipped.', '$ref' => '#/$defs/criteria'],
        ];
        $blocks = ['type' => 'array', 'minItems' => 1, 'maxItems' => Runsheet::MOST_BLOCKS, 'items' => self::BLOCK];
        $first = [
            'description' => 'Settled once so many of them are done; the rest is dropped.',
            'type' => 'integer',
            'minimum' => 1,
        ];
        $step = [
            'name' => TextLimits::schema(TextLimits::LABEL),
            'needed' => [
                'description' => 'Where its work is dropped the run stops there.',
                'type' => 'boolean',
                'default' => true,
            ],
            'does' => ['$ref' => '#/$defs/step'],
        ];
        $rulebook = RulebookSchema::BASE . 'rulebook.schema.json#/$defs/';

        return [
            'block' => [
                'oneOf' => [
                    Shape::object($common + $step, ['key', 'name', 'does']),
                    Shape::object($common + [RunsheetFormat::SEQUENCE => $blocks], ['key', RunsheetFormat::SEQUENCE]),
                    Shape::object($common + [RunsheetFormat::LANES => $blocks, 'first' => $first], [
                        'key',
                        RunsheetFormat::LANES,
                    ]),
                ],
            ],
            'step' => $this->parts(Family::Step),
            'step_date' => $this->parts(Family::StepDate),
            'criteria' => ['$ref' => $rulebook . 'criteria'],
            'give' => ['$ref' => $rulebook . 'give'],
            'pool' => ['$ref' => $rulebook . 'pool'],
            'follow_up' => ['$ref' => $rulebook . 'follow_up'],
        ];
    }

    /** @return array<string, mixed> */
    private function parts(Family $family): array
    {
        return ['oneOf' => array_map(PartSchema::of(...), array_values($this->kinds->of($family)))];
    }
}
