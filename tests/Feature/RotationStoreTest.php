<?php

declare(strict_types=1);

use App\Bridge\RotationStore;
use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Bridge\Turn;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Routing\Ring;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
});

function rotations(string ...$names): RotationStore
{
    return Turn::takeWithRotations(array_values($names));
}

function houseNow(): Snapshot
{
    return app(SnapshotSource::class)->current();
}

it('gives back what was saved, in ring order, and writes what has changed by one statement', function (): void {
    rotations('Bench')->save(new Ring('Bench', 5, ['tobias' => 30, 'ayumi' => 10, 'femi' => 20]), houseNow());
    expect(rotations('Bench')->rings(['Bench'], houseNow())->ring('Bench'))->toEqual(new Ring('Bench', 5, ['tobias' => 30, 'ayumi' => 10, 'femi' => 20]));

    $store = rotations('Bench');
    $house = houseNow();
    DB::enableQueryLog();
    $store->save(new Ring('Bench', 12, ['tobias' => 30, 'ayumi' => 25, 'femi' => 22]), $house);
    expect(DB::getQueryLog())->toHaveCount(1)
        ->and(rotations('Bench')->rings(['Bench'], $house)->ring('Bench'))->toEqual(new Ring('Bench', 12, ['tobias' => 30, 'ayumi' => 25, 'femi' => 22]));
});

it('seats whoever joins behind those who are there, also where somebody has left', function (): void {
    rotations('Bench')->save(new Ring('Bench', 0, ['hanneke' => 1, 'femi' => 2, 'ayumi' => 3]), houseNow());
    DB::table('rotation_seats')->where('person_id', House::person('hanneke')->id)->delete();
    rotations('Bench')->save(new Ring('Bench', 7, ['femi' => 2, 'ayumi' => 3, 'callum' => 9]), houseNow());

    expect(rotations('Bench')->rings(['Bench'], houseNow())->ring('Bench'))->toEqual(new Ring('Bench', 7, ['femi' => 2, 'ayumi' => 3, 'callum' => 9]))
        ->and(DB::table('rotation_seats')->orderBy('position')->pluck('position')->all())->toBe([1, 2, 3]);
});

it('asks for rotations that were not foreseen, and for each once', function (): void {
    rotations()->save(new Ring('Bench', 5, ['ayumi' => 10]), houseNow());
    rotations()->save(new Ring('Strings', 6, ['tobias' => 11]), houseNow());
    $store = rotations('Bench');
    $house = houseNow();
    DB::enableQueryLog();
    $both = $store->rings(['Bench', 'Strings', 'None yet'], $house);
    expect($both->ring('Strings'))->toEqual(new Ring('Strings', 6, ['tobias' => 11]))
        ->and($both->ring('Bench'))->toEqual(new Ring('Bench', 5, ['ayumi' => 10]))
        ->and($both->ring('None yet'))->toEqual(new Ring('None yet'));
    $store->rings(['Bench', 'Strings', 'None yet'], $house);
    expect(DB::getQueryLog())->toHaveCount(1);
});
