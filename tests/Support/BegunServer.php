<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\Artisan;

/** A house that has just begun, on a database and a web server of its own. */
final readonly class BegunServer
{
    /** @param string $invitation path by which the first lead chooses a password */
    private function __construct(public string $url, public string $invitation, private Server $web) {}

    public static function start(string $house, string $lead, string $called): self
    {
        $database = OwnDatabase::clear('begun');
        Artisan::call('baton:begin', [
            'name' => $house,
            '--zone' => 'Europe/Dublin',
            '--lead' => $lead,
            '--called' => $called,
        ]);
        $invitation = (string) parse_url(trim(Artisan::output()), PHP_URL_PATH);
        $web = Server::ofPages(Server::freePort(), $database, 'openbaton', (string) getenv('BATON_DB_PASSWORD'));
        $web->await();

        return new self("http://127.0.0.1:{$web->port}", $invitation, $web);
    }

    public function stop(): void
    {
        $this->web->stop();
    }
}
