<?php

declare(strict_types=1);

use App\Models\People\Person;
use App\Models\People\Place;
use Database\Factories\Absences\AbsenceFactory;
use Tests\Support\Clock;
use Tests\Support\House;

/** The house of these tests. */
function beginHostileFiles(): void
{
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    Person::query()
        ->where('slug', 'femi')
        ->update([
            'email' => 'femi@alderquill.example',
            'attribute_list' => ['drives the van'],
            'place_id' => Place::query()->where('slug', 'the-holms')->sole()->id,
        ]);
    AbsenceFactory::new()
        ->of('callum')
        ->create(['slug' => 'by-hand']);
}
