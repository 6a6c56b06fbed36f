<?php

declare(strict_types=1);

use App\Bridge\RotationStore;
use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Routing\Rotations;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
});

/** @return array{RotationStore, Rotations} */
function rotations(string ...$names): array
{
    $store = new RotationStore();

    return [$store, $store->load(array_values($names), houseNow())];
}

/** @param array<string, int> $passes */
function saveRotation(string $name, int $virtualTime, array $passes): void
{
    rotations($name)[0]->save(new Rotation($name, $virtualTime, $passes), houseNow());
}

function houseNow(): Snapshot
{
    return app(SnapshotSource::class)->current();
}

it('gives back what was saved, in the order of joining', function (): void {
    saveRotation('Bench', 5, ['tobias' => 30, 'ayumi' => 10, 'femi' => 20]);
    expect(rotations('Bench')[1]->named('Bench'))->toEqual(
        new Rotation('Bench', 5, ['tobias' => 30, 'ayumi' => 10, 'femi' => 20]),
    );

    saveRotation('Bench', 12, ['tobias' => 30, 'ayumi' => 25, 'femi' => 22]);
    expect(rotations('Bench')[1]->named('Bench'))->toEqual(
        new Rotation('Bench', 12, ['tobias' => 30, 'ayumi' => 25, 'femi' => 22]),
    );
});

it('seats whoever joins behind those who are there, also where somebody has left', function (): void {
    saveRotation('Bench', 0, ['hanneke' => 1, 'femi' => 2, 'ayumi' => 3]);
    DB::table('rotation_seats')->where('person_id', House::person('hanneke')->id)->delete();
    saveRotation('Bench', 7, ['femi' => 2, 'ayumi' => 3, 'callum' => 9]);

    expect(rotations('Bench')[1]->named('Bench'))->toEqual(
        new Rotation('Bench', 7, ['femi' => 2, 'ayumi' => 3, 'callum' => 9]),
    );
    expect(DB::table('rotation_seats')->orderBy('position')->pluck('position')->all())->toBe([1, 2, 3]);
});

it('reads any number of them by one query, and none by none', function (): void {
    saveRotation('Bench', 5, ['ayumi' => 10]);
    saveRotation('Strings', 6, ['tobias' => 11]);
    $house = houseNow();
    DB::enableQueryLog();
    $found = (new RotationStore())->load(['Bench', 'Strings', 'None yet'], $house);
    expect(DB::getQueryLog())->toHaveCount(1);
    expect($found->named('Strings'))->toEqual(new Rotation('Strings', 6, ['tobias' => 11]));
    expect($found->named('Bench'))->toEqual(new Rotation('Bench', 5, ['ayumi' => 10]));
    expect($found->named('None yet'))->toEqual(new Rotation('None yet'));
    DB::flushQueryLog();
    (new RotationStore())->load([], $house);
    expect(DB::getQueryLog())->toBe([]);
});

it('writes only what a turn has changed', function (): void {
    saveRotation('Bench', 5, ['ayumi' => 10, 'femi' => 20]);
    [$store] = rotations('Bench');
    $house = houseNow();
    DB::enableQueryLog();
    $store->save(new Rotation('Bench', 5, ['ayumi' => 10, 'femi' => 30]), $house);
    expect(array_column(DB::getQueryLog(), 'query'))->toBe([
        'update `rotation_seats` set `pass` = ? where `rotation_id` = ? and `person_id` = ?',
    ]);
});

it('tells rotations apart by every character, as the rules do', function (): void {
    saveRotation('Bench', 5, ['ayumi' => 10]);
    saveRotation('bench', 6, ['femi' => 11]);
    saveRotation('Bench ', 7, ['callum' => 12]);
    [, $rotations] = rotations('Bench', 'bench', 'Bench ');

    expect($rotations->named('Bench'))->toEqual(new Rotation('Bench', 5, ['ayumi' => 10]));
    expect($rotations->named('bench'))->toEqual(new Rotation('bench', 6, ['femi' => 11]));
    expect($rotations->named('Bench '))->toEqual(new Rotation('Bench ', 7, ['callum' => 12]));
});
