<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\RulebookFile;
use App\Http\Pages\Rules\Vocabulary;
use OpenBaton\Core\Parameter\Control;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Schema\DecisionSchema;
use OpenBaton\Core\Schema\RulebookSchema;
use OpenBaton\Core\Schema\WorldSchema;

/**
 * Files that follow from the core's lists; "bin/baton generate" writes them, a test says that they are current.
 */
final class GeneratedFiles
{
    /** @return array<string, string> content by path from the project's root */
    public static function all(?KindRegistry $kinds = null): array
    {
        $kinds ??= KindRegistry::standard();
        $vocabulary = new Vocabulary($kinds);

        return [
            'docs/formats/rulebook.schema.json' => RulebookFile::json((new RulebookSchema($kinds))->build()),
            'docs/formats/decision.schema.json' => RulebookFile::json((new DecisionSchema($kinds))->build()),
            'docs/formats/world.schema.json' => RulebookFile::json(WorldSchema::build()),
            'resources/words/en/server/sentences.json' => RulebookFile::json([
                'sentence' => array_combine(Sentences::all(), Sentences::all()),
            ]),
            'app/Http/Pages/Rules/Control.ts' => self::controls(),
            'resources/js/tests/kinds.json' => RulebookFile::json([
                'kinds' => $vocabulary->families(),
                'operators' => $vocabulary->operators(),
            ]),
        ];
    }

    private static function controls(): string
    {
        $names = array_column(Control::cases(), 'value');

        return "/** Generated from the core's Control. */\nexport type Control =\n    | '" .
            implode("'\n    | '", $names) .
            "';\n";
    }
}
