<?php

declare(strict_types=1);

use App\Console\Commands\InputFile;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\JsonLogicWriter;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\WorldFormat;

require __DIR__ . '/../vendor/autoload.php';

$path = $argv[1] ?? '';
if ($path === '' || in_array($path, ['-h', '--help'], true)) {
    fwrite(
        STDERR,
        "Usage: bin/baton logic FILE   (or - for standard input)\n" .
            "FILE is a rulebook, or a world. A line for each rule: its id, and its criteria as JsonLogic.\n" .
            "A rule takes them back as \"if\": {\"logic\": …}.\n",
    );
    exit($path === '' ? 2 : 0);
}
$json = InputFile::read($path);
if ($json === null) {
    fwrite(STDERR, is_dir(InputFile::full($path)) ? "{$path} is a folder; name a file.\n" : "{$path} can't be read.\n");
    exit(2);
}
try {
    $node = Node::parse($json);
    $rulebook = $node->has('rulebook') ? WorldFormat::read($node)->rulebook : RulebookFormat::read($node);
} catch (DocumentError $error) {
    foreach ($error->faults as $fault) {
        fwrite(STDERR, ($fault->pointer === '' ? '(the whole document)' : $fault->pointer) . ": {$fault->reason}\n");
    }
    exit(2);
}

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
