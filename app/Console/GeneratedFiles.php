<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\RulebookFile;
use App\Http\Pages\Rules\Vocabulary;
use App\Words\Locales;
use App\Words\Words;
use OpenBaton\Core\Check\StandardChecks;
use OpenBaton\Core\Parameter\Control;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Schema\DecisionSchema;
use OpenBaton\Core\Schema\DutySchema;
use OpenBaton\Core\Schema\RulebookSchema;
use OpenBaton\Core\Schema\RunsheetSchema;
use OpenBaton\Core\Schema\SweepSchema;
use OpenBaton\Core\Schema\TrackSchema;
use OpenBaton\Core\Schema\WorldSchema;
use ReflectionClass;

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
            'docs/formats/sweep.schema.json' => RulebookFile::json((new SweepSchema($kinds))->build()),
            'docs/formats/track.schema.json' => RulebookFile::json((new TrackSchema($kinds))->build()),
            'docs/formats/runsheet.schema.json' => RulebookFile::json((new RunsheetSchema($kinds))->build()),
            'docs/formats/duty.schema.json' => RulebookFile::json(DutySchema::build()),
            'docs/formats/world.schema.json' => RulebookFile::json(WorldSchema::build()),
            'resources/words/en/server/sentences.json' => RulebookFile::json([
                'sentence' => array_combine(Sentences::all(), Sentences::all()),
            ]),
            'docs/checks.md' => self::checks(),
            'app/Http/Pages/Rules/Control.ts' => self::controls(),
            'resources/js/tests/kinds.json' => RulebookFile::json([
                'kinds' => $vocabulary->families(),
                'operators' => $vocabulary->operators(),
            ]),
        ];
    }

    /** What each check finds, by what its class says of it and the words that tell it. */
    private static function checks(): string
    {
        $words = new Words(Locales::all()['en-GB']);
        $text =
            "# Checks of a rulebook\n\nGenerated from the classes in core/src/Check/Kind. What is *certain* is so, " .
            "whatever comes; what is\n*likely* may be meant; a *note* is good to know. Criteria are examined as sets " .
            "of values: what is compared with\nanother field, with a day seen from now or with what was before is " .
            "equal to itself alone.\n";
        foreach (StandardChecks::ALL as $class) {
            $said = preg_replace(
                '/^\s*\/?\*+\/?[ ]?|\s*\*\/$/m',
                '',
                (string) (new ReflectionClass($class))->getDocComment(),
            );
            $name = $words->say("check.{$class::code()}.name");
            $text .= "\n## {$name} (`{$class::code()}`)\n\n" . trim((string) $said) . "\n";
        }

        return $text;
    }

    private static function controls(): string
    {
        $names = array_column(Control::cases(), 'value');

        return "/** Generated from the core's Control. */\nexport type Control =\n    | '" .
            implode("'\n    | '", $names) .
            "';\n";
    }
}
