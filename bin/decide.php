<?php

declare(strict_types=1);

use App\Console\Commands\InputFile;
use OpenBaton\Core\Document\ChainFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;

require __DIR__ . '/../vendor/autoload.php';

$path = $argv[1] ?? '';
if ($path === '' || in_array($path, ['-h', '--help'], true)) {
    fwrite(
        STDERR,
        "Usage: bin/baton decide WORLD.json   (or - for standard input)\nFormat: docs/formats/world.schema.json; " .
            "examples: docs/examples\n",
    );
    exit($path === '' ? 2 : 0);
}
$json = InputFile::read($path);
if ($json === null) {
    fwrite(STDERR, is_dir(InputFile::full($path)) ? "{$path} is a folder; name a file.\n" : "{$path} can't be read.\n");
    exit(2);
}

try {
    $world = WorldFormat::read(Node::parse($json));
} catch (DocumentError $error) {
    foreach ($error->faults as $fault) {
        fwrite(STDERR, ($fault->pointer === '' ? '(the whole document)' : $fault->pointer) . ": {$fault->reason}\n");
    }
    exit(2);
}

foreach ($world->chains() as $chain) {
    foreach (ChainFormat::write($chain) as $decision) {
        echo json_encode($decision, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), "\n";
    }
}
