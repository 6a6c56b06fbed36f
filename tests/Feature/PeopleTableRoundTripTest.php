<?php

declare(strict_types=1);

use App\People\PeopleCsv;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\House;

require_once __DIR__ . '/HostileFilesFunctions.php';

beforeEach(function (): void {
    beginHostileFiles();
    $this->actingAs(House::user('hanneke'));
});

it('reads a table of people as it was written, whatever is in it', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $words = ['=1+1', 'Ó "Briain", junior', 'a;b', "two\nlines", ' blanks ', '+353 1 555 0100', 'x', '0'];
    $text = static fn(): string => $words[$random->getInt(0, count($words) - 1)];
    $people = [];
    for ($number = 0; $number < 40; ++$number) {
        $people[] =
            ['id' => "p{$number}", 'name' => 'N ' . $text()] +
            array_filter(
                [
                    'phone' => $random->getInt(0, 1) === 1 ? '+353 1 555 0100' : null,
                    'capacity' =>
                        $random->getInt(0, 1) === 1
                            ? ['percent' => $random->getInt(1, 100)]
                            : ['minutes_a_day' => $random->getInt(1, 1440)],
                    'open_tasks_at_most' => $random->getInt(0, 1) === 1 ? $random->getInt(1, 1000) : null,
                    'attributes' =>
                        $random->getInt(0, 1) === 1 ? ['drives the van', 'speaks Finnish, and some French'] : null,
                    'skills' => $random->getInt(0, 1) === 1 ? ['brass' => $random->getInt(1, 3), 'strings' => 1] : null,
                    'active' => $random->getInt(0, 1) === 1,
                ],
                static fn(mixed $value): bool => $value !== null,
            );
    }
    $read = PeopleCsv::read(
        PeopleCsv::write($people, [['id' => 'bench', 'members' => [['person' => 'p3', 'weight' => 50]]]]),
    );
    $sorted = static function (array $document): array {
        ksort($document);

        return $document;
    };
    expect(array_map(static fn(array $row): array => $sorted($row['document']), $read))->toBe(
        array_map(static fn(array $person): array => $sorted(['name' => trim($person['name'])] + $person), $people),
    );
    expect($read[3]['teams'])->toBe(['bench' => 50]);
    expect($read[4]['teams'])->toBeNull();
})->with([21, 22, 23]);
