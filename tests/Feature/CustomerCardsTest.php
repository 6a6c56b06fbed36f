<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Tables\Cards;
use OpenBaton\Core\Document\DocumentError;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\SentTable;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    $this->actingAs(House::user('hanneke'));
});

function cardsOfCustomers(): string
{
    return <<<'VCF'
    BEGIN:VCARD
    VERSION:4.0
    FN:Mona Birch
    N:Birch;Mona;;;
    ORG:Skerry Harbour Band;Brass
    TITLE:Conductor
    EMAIL;PREF=2:band@skerry.example
    EMAIL;PREF=1:mona@skerry.example
    TEL;VALUE=uri:tel:+353-1-555-0100
    END:VCARD
    BEGIN:VCARD
    VERSION:3.0
    FN:Ned Hollow
    TEL;TYPE=CELL:087 555 0101
    TEL;TYPE=PREF:01 555 0102
    END:VCARD
    BEGIN:VCARD
    VERSION:2.1
    FN;CHARSET=UTF-8;ENCODING=QUOTED-PRINTABLE:S=C3=B3la Reed
    ORG:Sóla Reed
    END:VCARD
    VCF;
}

it('takes the cards of an address book in as customers, once', function (): void {
    $cards = str_replace("\n", "\r\n", cardsOfCustomers());
    expect(SentTable::lines(SentTable::to($this, 'customers/preview', $cards)))->toBe([
        '1 makes',
        '11 makes',
        '17 makes',
    ]);
    expect(Customer::query()->where('name', 'Ned Hollow')->exists())->toBeFalse();

    SentTable::to($this, 'customers', $cards)
        ->assertAccepted()
        ->assertJson(['total' => 3]);
    $of = fn(string $name): array => Customer::query()
        ->where('name', $name)
        ->sole()
        ->contacts()
        ->get()
        ->map(fn($one): array => array_filter($one->only(['name', 'role', 'email', 'phone'])))
        ->all();
    expect($of('Skerry Harbour Band'))->toBe([
        [
            'name' => 'Mona Birch',
            'role' => 'Conductor',
            'email' => 'mona@skerry.example',
            'phone' => '+353-1-555-0100',
        ],
    ]);
    expect($of('Ned Hollow'))->toBe([['phone' => '01 555 0102']]);
    expect($of('Sóla Reed'))->toBe([]);

    expect(SentTable::lines(SentTable::to($this, 'customers/preview', $cards)))->toBe(['1 same', '11 same', '17 same']);
});

it('gives customers out as cards that come in as they are', function (): void {
    SentTable::to($this, 'customers', cardsOfCustomers())->assertAccepted();
    $cards = $this->get('/customers/export?form=vcf')->assertOk()->streamedContent();
    expect($cards)->toContain(
        "FN:Mona Birch\r\nORG:Skerry Harbour Band\r\nTITLE:Conductor\r\nEMAIL:mona@skerry.example\r\n",
    );
    $lines = SentTable::lines(SentTable::to($this, 'customers/preview', $cards));
    expect(count($lines))->toBe(Customer::query()->count());
    expect(array_filter($lines, fn(string $line): bool => !str_ends_with($line, ' same')))->toBe([]);
    $this->actingAs(House::user('femi'))->get('/customers/export?form=vcf')->assertForbidden();
});

it('says which card is not right, and does nothing then', function (): void {
    $wrong =
        "BEGIN:VCARD\nVERSION:4.0\nFN:Ada Reed\nEMAIL:not an address\nEND:VCARD\n" .
        "BEGIN:VCARD\nVERSION:4.0\nTEL:5\nEND:VCARD\n";
    $lines = SentTable::lines(SentTable::to($this, 'customers/preview', $wrong));
    expect($lines)->toHaveCount(2);
    expect($lines[0])->toStartWith('1 wrong contact_email: ');
    expect($lines[1])->toStartWith('6 wrong name: ');
    SentTable::to($this, 'customers', $wrong)->assertUnprocessable();
    SentTable::to($this, 'customers/preview', "BEGIN:VCARD\nVERSION:4.0\nFN:Ada\n")
        ->assertUnprocessable()
        ->assertSee('This card cannot be read');
    expect(Customer::query()->where('name', 'like', 'Ada%')->exists())->toBeFalse();
    // Tasks do not come as cards.
    SentTable::to($this, 'tasks/preview', cardsOfCustomers())->assertUnprocessable()->assertSee('There is no column');
});

it('takes so many cards and no more, whatever stands before them', function (): void {
    $text = "Kept by the reading room\n\n" . cardsOfCustomers();
    expect(array_keys(iterator_to_array(Cards::of($text, 3))))->toBe([3, 13, 19]);
    foreach ([$text, cardsOfCustomers()] as $one) {
        expect(fn(): array => iterator_to_array(Cards::of($one, 2)))->toThrow(
            DocumentError::class,
            'A file has at most 2 cards.',
        );
    }
});
