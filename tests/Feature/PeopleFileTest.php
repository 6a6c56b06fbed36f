<?php

declare(strict_types=1);

use App\Models\House\House as HouseRow;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\People\Team;
use Illuminate\Testing\TestResponse;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

function sendFile(mixed $test, string $form, string $text, string $what = 'import'): TestResponse
{
    return $test->call(
        'POST',
        "/roster/{$what}?form={$form}",
        [],
        [],
        [],
        ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'text/plain'],
        $text,
    );
}

/** @return list<string> what is wrong, with its place */
function faultsIn(TestResponse $response): array
{
    return array_map(
        static fn(array $error): string => "{$error['pointer']}: {$error['detail']}",
        $response->assertUnprocessable()->json('errors'),
    );
}

it('goes out as a table and comes in the same', function (): void {
    Person::query()
        ->where('slug', 'femi')
        ->update([
            'email' => 'femi@alderquill.example',
            'phone' => '+353 1 555 0100',
            'member_from' => '2024-05-06',
            'open_tasks_at_most' => 4,
            'attribute_list' => ['drives the van', 'speaks Finnish'],
            'place_id' => Place::query()->where('slug', 'the-holms')->sole()->id,
        ]);
    Person::query()
        ->where('slug', 'callum')
        ->update(['name' => '=1+1']);
    HouseRow::query()->increment('roster_revision');
    $table = $this->get('/roster/export?form=csv')
        ->assertOk()
        ->assertHeader('Content-Type', 'text/csv; charset=utf-8')
        ->getContent();
    $lines = explode("\n", trim((string) $table));
    expect($lines[0])->toBe(
        'id,name,email,phone,zone,from,until,active,percent,minutes_a_day,amount_a_day,' .
            'open_tasks_at_most,place,attributes,skills,teams',
    );
    expect($lines[3])->toBe(
        'femi,"Femi Adeyinka",femi@alderquill.example,"+353 1 555 ' .
            '0100",,2024-05-06,,yes,80,,,4,the-holms,"drives the van; speaks Finnish",brass:2,brass-bench:100',
    );

    // No spreadsheet takes it for a formula.
    expect($lines[4])->toStartWith('callum," =1+1"');
    expect(
        sendFile($this, 'csv', str_replace('" =1+1"', '"=1+1"', (string) $table), 'preview')
            ->assertOk()
            ->json('people'),
    )->toBe(['added' => [], 'changed' => [], 'missing' => []]);
});

it('says what a table would change, then changes that and nothing else', function (): void {
    $table = "id;name;skills;teams\nfemi;Femi Adeyinka;brass:3;\nsunniva;Sunniva Aas;;brass-bench:50\n\n";
    expect(sendFile($this, 'csv', $table, 'preview')->assertOk()->json())->toMatchArray([
        'people' => ['added' => ['Sunniva Aas'], 'changed' => ['Femi Adeyinka'], 'missing' => []],
        'teams' => ['added' => [], 'changed' => ['Brass bench'], 'missing' => []],
    ]);
    expect(Person::query()->where('slug', 'sunniva')->exists())->toBeFalse();
    Person::query()
        ->where('slug', 'femi')
        ->update(['email' => 'by@hand.example']);
    sendFile($this, 'csv', $table)->assertOk();
    expect(Person::query()->where('slug', 'femi')->sole()->email)->toBe('by@hand.example');
    expect(Person::query()->where('slug', 'femi')->sole()->skills->sole()->pivot?->level)->toBe(3);
    expect(Team::query()->sole()->members->pluck('pivot.weight', 'slug')->all())->toBe([
        'ayumi' => 100,
        'femi' => 100,
        'callum' => 100,
        'sunniva' => 50,
    ]);
    expect(Person::query()->orderBy('position')->pluck('slug')->all())->toBe([
        'hanneke',
        'ayumi',
        'femi',
        'callum',
        'tobias',
        'sunniva',
    ]);
});

it('says what is wrong with a table, by its lines', function (string $table, array $expected): void {
    expect(faultsIn(sendFile($this, 'csv', $table)))->toBe($expected);
    expect(Person::query()->count())->toBe(5);
})->with([
    'no name' => ["id,email\n", ['/line 1: The first line has the names of the columns, "name" among them.']],
    'a column twice' => ["name,email,Name\n", ['/line 1: The column "Name" is there twice.']],
    'the same twice' => ["name\nFemi Adeyinka\nfemi adeyinka\n", ['/line 3: This is the same person as in line 2.']],
    'a strange column' => [
        "id,name,shoes\n",
        [
            '/line 1: There is no column "shoes"; there are: id, name, email, phone, zone, from, until, active, ' .
            'percent, minutes_a_day, amount_a_day, open_tasks_at_most, place, attributes, skills, teams.',
        ],
    ],
    'a number' => ["id,name,percent\nfemi,Femi,most\n", ['/line 2/percent: "most" is not a whole number.']],
    'a skill' => [
        "id,name,skills\nayumi,Ayumi,\nfemi,Femi,singing:2\n",
        ['/line 3/skills/singing: There is no skill "singing".'],
    ],
    'a zone' => [
        "id,name,zone\nfemi,Femi,Europe/Selwyn\n",
        ['/line 2/zone: "Europe/Selwyn" is not a time zone of the IANA list, such as Europe/Dublin.'],
    ],
    'yes or no' => ["id,name,active\nfemi,Femi,maybe\n", ['/line 2/active: Write "yes" or "no".']],
    'no text' => [
        "id,name\nfemi,\0\n",
        ['/line 1: This is not a table of text. Save it as CSV, then choose that file.'],
    ],
]);

it('knows whoever has no id by address or name, and teams and skills by their names', function (): void {
    Person::query()
        ->where('slug', 'femi')
        ->update(['email' => 'femi@alderquill.example']);
    HouseRow::query()->increment('roster_revision');
    // As spreadsheets of the west write it: semicolons, no UTF-8.
    $table = mb_convert_encoding(
        "Name;Email;Skills;Teams\nFemi A.;femi@alderquill.example;Brass:3;Brass bench:50\nSiobhán Quirke;;;\n",
        'Windows-1252',
    );
    sendFile($this, 'csv', (string) $table)->assertOk();
    $femi = Person::query()->where('slug', 'femi')->sole();
    expect([$femi->name, $femi->skills->sole()->pivot?->level])->toBe(['Femi A.', 3]);
    expect(Team::query()->sole()->members->pluck('pivot.weight', 'slug')->get('femi'))->toBe(50);
    expect(Person::query()->where('slug', 'siobhan-quirke')->sole()->name)->toBe('Siobhán Quirke');
    expect(Person::query()->count())->toBe(6);
});

it('goes out as cards and comes in', function (): void {
    Person::query()
        ->where('slug', 'femi')
        ->update(['email' => 'femi@alderquill.example', 'zone' => 'Europe/Helsinki']);
    HouseRow::query()->increment('roster_revision');
    $cards = (string) $this->get('/roster/export?form=vcf')->assertOk()->getContent();
    expect($cards)->toContain(
        "UID:femi\r\nFN:Femi Adeyinka\r\nEMAIL:femi@alderquill.example\r\nTZ:Europe/Helsinki\r\n" .
            "CATEGORIES:Brass bench\r\n",
    );
    expect(sendFile($this, 'vcf', $cards, 'preview')->assertOk()->json('people'))->toBe([
        'added' => [],
        'changed' => [],
        'missing' => [],
    ]);
    sendFile(
        $this,
        'vcf',
        "BEGIN:VCARD\r\nVERSION:3.0\r\nUID:oona\r\nFN:Oona Varga\r\nTEL;TYPE=work:+353 1 555 0101\r\nEND:VCARD\r\n",
    )->assertOk();
    expect(
        Person::query()
            ->where('slug', 'oona')
            ->sole()
            ->only(['name', 'phone']),
    )->toBe(['name' => 'Oona Varga', 'phone' => '+353 1 555 0101']);
});

it('knows whoever has no UID on a card by the address, or by the name', function (): void {
    Person::query()
        ->where('slug', 'femi')
        ->update(['email' => 'femi@alderquill.example']);
    HouseRow::query()->increment('roster_revision');
    $count = Person::query()->count();
    sendFile(
        $this,
        'vcf',
        "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Femi A. Adeyinka\r\nEMAIL:femi@alderquill.example\r\nEND:VCARD\r\n" .
            "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Ned Hollow\r\nEND:VCARD\r\n",
    )->assertOk();
    expect(Person::query()->where('slug', 'femi')->sole()->name)->toBe('Femi A. Adeyinka');
    expect(Person::query()->where('slug', 'ned-hollow')->sole()->name)->toBe('Ned Hollow');
    expect(Person::query()->count())->toBe($count + 1);
});

it('says what is wrong with cards', function (string $cards, string $expected): void {
    expect(faultsIn(sendFile($this, 'vcf', $cards))[0])->toBe($expected);
})->with([
    'nothing' => ['', '/card 1: There is no card in the file.'],
    'no card' => ['Dear all', '/card 1: There is no card in the file.'],
    'no name' => ["BEGIN:VCARD\r\nVERSION:4.0\r\nUID:x\r\nEND:VCARD\r\n", '/card 1: A card has a name (FN).'],
    'a zone' => [
        "BEGIN:VCARD\r\nVERSION:4.0\r\nUID:x\r\nFN:X\r\nTZ:Nowhere\r\nEND:VCARD\r\n",
        '/card 1/zone: "Nowhere" is not a time zone of the IANA list, such as Europe/Dublin.',
    ],
]);
