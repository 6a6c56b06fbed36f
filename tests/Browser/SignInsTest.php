<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\BrowserTestCase;
use Tests\Support\Browser;
use Tests\Support\DemoServer;

// What happens to sign-ins here is not for other tests.
afterAll(function (): void {
    DemoServer::end();
});

/** The text that a dialog shows once. */
function shownOnce(BrowserTestCase $test, string $label): string
{
    return (string) $test->field($label)->getAttribute('value');
}

it('invites somebody, who chooses a password by the link, and ends what it has begun', function (): void {
    $this->signIn('admin', '/sign-ins');
    $this->press('New sign-in');
    $this->choose('Whose it is', 'Nobody of the house: an administrator or a system');
    $this->fill('Name', 'Web shop');
    $this->fill('E-mail address', 'femi@alderquill.example');
    $this->choose('What they may do', 'lead');
    $this->press('Make it and its link');
    $this->see('Somebody signs in with this address already.');
    $this->fill('E-mail address', 'Shop@AlderQuill.example');
    $this->press('Make it and its link');
    $this->see('It is shown this once.');
    $link = shownOnce($this, 'New link');
    $this->press('Done');
    $this->see('shop@alderquill.example');
    $this->see('invited until');

    $other = Browser::open();
    $mine = $this->browser;
    $this->browser = $other;
    $this->browser->get($link);
    $this->see('Choose your password, Web shop');
    $this->fill('Password', 'too short');
    $this->fill('The same once more', 'too short');
    $this->press('Use this password');
    $this->see('at least 12 characters');
    $this->fill('Password', 'a heron on the quay');
    $this->fill('The same once more', 'a heron on the quay');
    $this->press('Use this password');
    $this->see('Latest handoffs');
    $this->browser->get($link);
    $this->see('This link is no longer good');

    $this->browser = $mine;
    $this->visit('/sign-ins');
    $this->press('End: Web shop');
    $this->press('End it');
    $this->see('The sign-in of Web shop has ended.');
    $this->browser = $other;
    $this->visit('/floor');
    $this->see('Sign in');
    $other->quit();
    $this->browser = $mine;
});

it('makes a token for a system, shows it once, and takes it back', function (): void {
    $this->signIn('admin', '/sign-ins');
    $this->press('New token');
    $this->fill('What it is for', 'Web shop');
    $this->press('Make the token');
    $this->see('It is shown this once.');
    $token = shownOnce($this, 'New token');
    $this->press('Done');
    $ask = fn(): int => (int) $this->browser->executeAsyncScript(
        'const done = arguments[1]; fetch("/api/v1/tasks/none", ' .
            '{ headers: { Accept: "application/json", Authorization: `Bearer ${arguments[0]}` } }).then((answer) ' .
            '=> done(answer.status));',
        [$token],
    );
    expect($ask())->toBe(404);
    $this->press('Revoke: Web shop');
    $this->press('Revoke', "//*[@role='dialog']");
    $this->see('The token Web shop is revoked.');
    expect($ask())->toBe(401);
});

it('keeps what is typed while the server can not be reached, and says so', function (): void {
    $this->signIn('femi', '/account');
    $this->fill('The one you have now', 'port-selwyn');
    $this->fill('A new one', 'a heron on the quay');
    $this->fill('The same once more', 'a heron on the quay');
    $network = static fn(bool $offline) => [
        'offline' => $offline,
        'latency' => 0,
        'downloadThroughput' => -1,
        'uploadThroughput' => -1,
    ];
    $devtools = new ChromeDevToolsDriver($this->browser);
    $devtools->execute('Network.enable');
    $devtools->execute('Network.emulateNetworkConditions', $network(true));
    $this->press('Change it');
    $this->see('The server can’t be reached. What you typed is still here');
    $this->see('Out of touch with the server');
    expect($this->field('A new one')->getAttribute('value'))->toBe('a heron on the quay');
    $devtools->execute('Network.emulateNetworkConditions', $network(false));
    $this->press('Change it');
    $this->see('Your password is changed.');
    $this->dontSee('The server can’t be reached');
    $this->see('Current');
});
