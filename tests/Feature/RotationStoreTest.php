<?php

declare(strict_types=1);

use App\Bridge\RotationStore;
use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Bridge\Turn;
use App\Database\Writes;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Routing\Ring;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
});

function rotations(string ...$names): RotationStore
{
    $names = array_values($names);

    return new RotationStore($names, Turn::taking($names)->ask());
}

function saveRing(RotationStore $store, Ring $ring): void
{
    $writes = new Writes();
    $store->save($ring, houseNow(), $writes);
    $writes->run(DB::connection());
}

function houseNow(): Snapshot
{
    return app(SnapshotSource::class)->current();
}

it('gives back what was saved, in ring order', function (): void {
    saveRing(rotations('Bench'), new Ring('Bench', 5, ['tobias' => 30, 'ayumi' => 10, 'femi' => 20]));
    expect(rotations('Bench')->rings(['Bench'], houseNow())->ring('Bench'))->toEqual(new Ring('Bench', 5, ['tobias' => 30, 'ayumi' => 10, 'femi' => 20]));

    saveRing(rotations('Bench'), new Ring('Bench', 12, ['tobias' => 30, 'ayumi' => 25, 'femi' => 22]));
    expect(rotations('Bench')->rings(['Bench'], houseNow())->ring('Bench'))->toEqual(new Ring('Bench', 12, ['tobias' => 30, 'ayumi' => 25, 'femi' => 22]));
});

it('seats whoever joins behind those who are there, also where somebody has left', function (): void {
    saveRing(rotations('Bench'), new Ring('Bench', 0, ['hanneke' => 1, 'femi' => 2, 'ayumi' => 3]));
    DB::table('rotation_seats')->where('person_id', House::person('hanneke')->id)->delete();
    saveRing(rotations('Bench'), new Ring('Bench', 7, ['femi' => 2, 'ayumi' => 3, 'callum' => 9]));

    expect(rotations('Bench')->rings(['Bench'], houseNow())->ring('Bench'))->toEqual(new Ring('Bench', 7, ['femi' => 2, 'ayumi' => 3, 'callum' => 9]))
        ->and(DB::table('rotation_seats')->orderBy('position')->pluck('position')->all())->toBe([1, 2, 3]);
});

it('asks for rotations that were not foreseen, and for each once', function (): void {
    saveRing(rotations(), new Ring('Bench', 5, ['ayumi' => 10]));
    saveRing(rotations(), new Ring('Strings', 6, ['tobias' => 11]));
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

it('tells rotations apart by every character, as the rules do', function (): void {
    saveRing(rotations('Bench'), new Ring('Bench', 5, ['ayumi' => 10]));
    saveRing(rotations('bench'), new Ring('bench', 6, ['femi' => 11]));
    saveRing(rotations('Bench '), new Ring('Bench ', 7, ['callum' => 12]));
    $rings = rotations('Bench', 'bench', 'Bench ')->rings(['Bench', 'bench', 'Bench '], houseNow());

    expect($rings->ring('Bench'))->toEqual(new Ring('Bench', 5, ['ayumi' => 10]))
        ->and($rings->ring('bench'))->toEqual(new Ring('bench', 6, ['femi' => 11]))
        ->and($rings->ring('Bench '))->toEqual(new Ring('Bench ', 7, ['callum' => 12]));
});
