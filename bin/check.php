<?php

declare(strict_types=1);

use App\Console\Commands\InputDocument;
use App\Explain\FindingWords;
use App\Words\Locales;
use App\Words\Words;
use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\StandardChecks;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Rulebook\TaskCatalogue;

require __DIR__ . '/../vendor/autoload.php';

$arguments = array_values(array_diff(array_slice($argv, 1), ['--json']));
[$rulebook, $world] = InputDocument::readOrExit(
    $arguments[0] ?? '',
    "Usage: bin/baton check [--json] FILE   (or - for standard input)\nFILE is a rulebook " .
        "(docs/formats/rulebook.schema.json), or a world, whose people are looked at as well.\nIt ends with 0 " .
        "where nothing is certain, with 1 where something is, with 2 where the file can't be read.\n",
    static function (Node $node): array {
        $world = $node->has('rulebook') ? WorldFormat::read($node) : null;

        return [$world->rulebook ?? RulebookFormat::read($node), $world];
    },
);

$found = StandardChecks::run(
    new Examination($rulebook, $world?->roster, $world->taskCatalogue ?? new TaskCatalogue(), $world->clock ?? time()),
);
$words = new Words(Locales::all()['en-GB']);
$says = new FindingWords($words, $rulebook, $world?->roster);
foreach ($found as $one) {
    if (in_array('--json', $argv, true)) {
        echo json_encode(
        $one->write() + ['say' => $says->say($one), 'do' => $says->remedy($one)],
        JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
    ),
            "\n";
    } else {
        $where = $one->rule === null ? '' : $says->rule($one->rule) . ' ' . implode(', ', $one->pointers);
        echo "{$words->say("certainty.{$one->certainty->value}")}: {$where}\n    {$says->say($one)} {$says->remedy(
            $one,
        )}\n";
    }
}
exit(array_filter($found, static fn(Finding $one): bool => $one->certainty === Certainty::Certain) === [] ? 0 : 1);
