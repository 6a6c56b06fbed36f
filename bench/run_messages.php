<?php

declare(strict_types=1);

// The part of run.php that is about messages.

/** @var array<string, string> $environment of run.php */

echo "\nMessages through the queue, in one worker, each to somebody else\n";
/** @var array{sent: int, a_second: float, a_second_at_first: float, bare: float, posts: int} $messages */
$messages = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/messages.php'], $environment),
    true,
    4,
    JSON_THROW_ON_ERROR,
);
printf(
    '  %d sent, %.0f a second (%.0f of the first tenth); a bare loop to the same stand-in %.0f   %.2f of it; aim: at ' .
        "least 0.25: %s\n",
    $messages['sent'],
    $messages['a_second'],
    $messages['a_second_at_first'],
    $messages['bare'],
    $messages['a_second'] / $messages['bare'],
    verdict($messages['a_second'] / $messages['bare'] >= 0.25),
);
