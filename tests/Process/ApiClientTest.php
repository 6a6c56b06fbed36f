<?php

declare(strict_types=1);

use App\Models\Access\TokenAbility;
use App\Models\Messages\Message;
use App\Models\Tasks\Task;
use OpenBaton\Core\Message\MessageState;
use Symfony\Component\Process\Process;
use Tests\Support\House;
use Tests\Support\Server;

/** Runs one of the tools of npm where the packages are. */
function npx(string ...$command): Process
{
    $process = new Process(['npx', '--no-install', ...array_values($command)], base_path(), timeout: 240);
    $process->run();

    return $process;
}

it('lets a client that a common generator makes of its description carry out a day', function (): void {
    House::publish(House::roundRule(), [
        'id' => 'says',
        'name' => 'Says that it is begun',
        'when' => [['kind' => 'status_becomes', 'statuses' => ['working']]],
        'then' => [['kind' => 'message', 'addressee' => 'customer', 'channel' => 'mail', 'text' => 'We have begun.']],
    ]);
    foreach (range(1, 3) as $task) {
        House::arrive(customer: 'holms-school')->update([
            'assignee_id' => House::person('ayumi')->id,
            'contact' => 'office@holms.example',
        ]);
    }
    $made = npx('openapi-typescript', 'docs/formats/openapi.yaml', '-o', 'tests/Client/api.d.ts');
    expect($made->getExitCode())->toBe(0, $made->getErrorOutput());
    $compiled = npx('tsc', '--noEmit', '-p', 'tests/Client');
    expect($compiled->getExitCode())->toBe(0, $compiled->getOutput());

    $server = Server::ofPages(
        Server::freePort(),
        (string) config('database.connections.mariadb.database'),
        'openbaton',
        (string) getenv('BATON_DB_PASSWORD'),
    );
    $server->await();
    $token = House::user('ayumi')->createToken('client', array_column(TokenAbility::cases(), 'value'))->plainTextToken;
    $day = new Process(
        ['npx', '--no-install', 'vitest', 'run', '--config', 'tests/Client/vitest.config.ts'],
        base_path(),
        ['BATON_URL' => "http://127.0.0.1:{$server->port}", 'BATON_TOKEN' => $token],
        timeout: 240,
    );
    $day->run();
    $server->stop();
    expect($day->getExitCode())->toBe(0, $day->getOutput() . $day->getErrorOutput());
    expect(Message::query()->sole()->state)->toBe(MessageState::Sent);
    expect(Task::query()->where('status', 'done')->sole()->outcome_note)->toBe('Oiled.');
});
