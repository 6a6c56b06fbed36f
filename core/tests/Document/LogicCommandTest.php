<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

it('is printed by a command, with what can\'t be said', function (): void {
    $run = static function (string $document): array {
        $process = new Process([PHP_BINARY, __DIR__ . '/../../../bin/logic.php', '-']);
        $process->setInput($document);
        $process->run();

        return [$process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    };
    $examples = __DIR__ . '/../../../docs/examples/';
    [$code, $out, $error] = $run((string) file_get_contents("{$examples}review.world.json"));
    expect([$code, $error])->toBe([0, '']);
    expect($out)->toContain('{"id":');
    $book = json_encode([
        'openbaton' => 'rulebook/2',
        'fields' => [['path' => 'task.title', 'label' => 'Title', 'type' => 'text']],
        'rules' => [
            [
                'id' => 'r',
                'name' => 'R',
                'when' => [['kind' => 'task_arrives']],
                'if' => ['all' => [['field' => 'task.title', 'op' => 'contains', 'value' => 'horn']]],
                'then' => [['kind' => 'tag', 'tag' => 'vip']],
            ],
        ],
    ]);
    [$code, , $error] = $run((string) $book);
    expect([$code, $error])->toBe([
        1,
        "/rules/0/if/all/0: JsonLogic tells upper from lower case, so that it can't compare \"Title\".\n",
    ]);
    expect($run('{}')[0])->toBe(2);
});
