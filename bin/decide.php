<?php

declare(strict_types=1);

use App\Console\Commands\InputDocument;
use OpenBaton\Core\Document\ChainFormat;
use OpenBaton\Core\Document\WorldFormat;

require __DIR__ . '/../vendor/autoload.php';

$world = InputDocument::readOrExit(
    $argv[1] ?? '',
    "Usage: bin/baton decide WORLD.json   (or - for standard input)\nFormat: docs/formats/world.schema.json; " .
        "examples: docs/examples\n",
    WorldFormat::read(...),
);

foreach ($world->chains() as $chain) {
    foreach (ChainFormat::write($chain) as $decision) {
        echo json_encode($decision, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), "\n";
    }
}
