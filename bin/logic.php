<?php

declare(strict_types=1);

use App\Console\Commands\InputDocument;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\JsonLogicWriter;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Rulebook\Rulebook;

require __DIR__ . '/../vendor/autoload.php';

$rulebook = InputDocument::readOrExit(
    $argv[1] ?? '',
    "Usage: bin/baton logic FILE   (or - for standard input)\n" .
        "FILE is a rulebook, or a world. A line for each rule: its id, and its criteria as JsonLogic.\n" .
        "A rule takes them back as \"if\": {\"logic\": …}.\n",
    static fn(Node $node): Rulebook => $node->has('rulebook')
        ? WorldFormat::read($node)->rulebook
        : RulebookFormat::read($node),
);

$code = 0;
foreach ($rulebook->rules as $position => $rule) {
    try {
        $logic = (new JsonLogicWriter($rulebook->fields))->write($rule->criteria);
        echo json_encode(['id' => $rule->id, 'logic' => $logic], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES), "\n";
    } catch (DocumentError $error) {
        $code = 1;
        foreach ($error->faults as $fault) {
            fwrite(STDERR, "/rules/{$position}/if{$fault->pointer}: {$fault->reason}\n");
        }
    }
}
exit($code);
