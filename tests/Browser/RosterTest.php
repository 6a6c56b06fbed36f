<?php

declare(strict_types=1);

use App\Bridge\RosterDocument;
use App\Models\House\House;
use App\Models\People\Person;
use Tests\BrowserTestCase;

/** Chooses a file in the open dialog. */
function chooseFile(BrowserTestCase $test, mixed $document): void
{
    $file = (string) tempnam(sys_get_temp_dir(), 'roster') . '.json';
    file_put_contents($file, is_string($document) ? $document : json_encode($document));
    $test->find("//input[@type='file']")->sendKeys($file);
}

beforeEach(function (): void {
    $this->signIn('hanneke', '/people');
    $this->press('Import …');
});

afterEach(function (): void {
    Person::query()->where('slug', 'sunniva')->delete();
});

it('says what a file would do, and merges it when told to', function (): void {
    $roster = json_decode((string) json_encode(RosterDocument::build(House::query()->firstOrFail())), true);
    $roster['people'] = array_slice($roster['people'], 0, 3);
    $roster['people'][] = ['id' => 'sunniva', 'name' => 'Sunniva Berg'];
    unset($roster['teams'], $roster['absences']);
    chooseFile($this, $roster);
    $this->see('Sunniva Berg');
    $this->see('not in the file, stays');
    $active = Person::query()->where('active', true)->count();
    expect(Person::query()->where('slug', 'sunniva')->exists())->toBeFalse();
    $this->press('Merge');
    $this->see('The file is imported.');
    expect(Person::query()->where('slug', 'sunniva')->sole()->active)->toBeTrue();
    expect(Person::query()->where('active', true)->count())->toBe($active + 1);
});

it('offers nothing where there is nothing to change, and says what taking away would do', function (): void {
    $roster = json_decode((string) json_encode(RosterDocument::build(House::query()->firstOrFail())), true);
    chooseFile($this, $roster);
    $this->see('there is nothing to change');
    expect($this->find("//button[normalize-space(.)='Merge']")->isEnabled())->toBeFalse();
    $this->dontSee('Take away what the file does not have');
});

it('says what is wrong with a file, and where', function (): void {
    chooseFile($this, '{"openbaton":"roster/1","house":{"zone":"Mars"},"people":[]}');
    $this->see('/house/zone');
    chooseFile($this, 'no JSON');
    $this->see('This is not JSON');
    $this->press('Close');
    $this->dontSee('Roster file');
});
