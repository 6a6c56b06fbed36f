<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Cases\SaveTrack;
use App\Models\Access\User;
use App\Models\Cases\Track;
use Facebook\WebDriver\WebDriverKeys;
use OpenBaton\Core\Document\Node;

it('is written by keyboard and put in force: a new track, its stages, its gates', function (): void {
    $this->signIn('hanneke', '/tracks');
    $this->press('New track');
    $this->see('A new track');
    $keys = $this->browser->getKeyboard();
    $keys->sendKeys('Repair abroad');
    // Past what holds for all of it, and what is done with the stage as a whole.
    $keys->sendKeys([WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::TAB]);
    $keys->sendKeys('Sent');
    $keys->sendKeys([WebDriverKeys::TAB, 'n']);
    $this->find("//h2[normalize-space(.)='A stage without a name']");
    $keys->sendKeys('Back again');
    $this->find("//h2[normalize-space(.)='Back again']");
    $this->press('Ask for something');
    $this->click("//*[@role='menuitem'][.='needed work is done']");
    $this->see('all that is needed in it is done');
    $this->fill('Outcome 1', 'Collected');
    $this->see('To enter Back again, now also: all that is needed in it is done.');
    $this->press('Save the draft');
    $this->see('a draft, not in force yet');
    expect(array_column(Track::query()->where('slug', 'repair-abroad')->sole()->draft['stages'], 'key'))->toBe([
        'sent',
        'back-again',
    ]);

    // The second goes before the first, and back again with an undo.
    $this->click("//button[@aria-label='Edit stage 2']");
    $this->field('Name of the stage')->click();
    $keys->sendKeys([WebDriverKeys::ALT, WebDriverKeys::ARROW_UP]);
    $this->find("//ol/li[1]//h2[normalize-space(.)='Back again']");
    $this->press('Undo');
    $this->find("//ol/li[1]//h2[normalize-space(.)='Sent']");
    $this->press('Publish the draft');
    $this->press('Publish the draft', "//*[@role='dialog']");
    $this->see('Repair abroad');
    $this->until(
        fn(): bool => Track::query()->where('slug', 'repair-abroad')->sole()->published_id !== null,
        fn(): string => 'not in force',
    );
});

it('says that somebody else has changed it meanwhile, and loses nothing', function (): void {
    $this->signIn('hanneke', '/tracks/tuning/edit');
    $this->click("//button[@aria-label='Edit stage 1']");
    $this->fill('Name of the stage', 'Agreed with the school');
    $track = Track::query()->with('published')->where('slug', 'tuning')->sole();
    $lead = User::query()->where('email', 'hanneke@alderquill.example')->sole();
    app(SaveTrack::class)->draft(
        Node::root(['name' => 'Tuning of organs'] + $track->published->document),
        Actor::user($lead),
    );
    $this->press('Save the draft');
    $this->see('Yours is still here.');
    $this->press('Look at theirs');
    $this->see('Track Tuning of organs');
    $this->press('Undo');
    $this->find("//h2[normalize-space(.)='Agreed with the school']");
});
