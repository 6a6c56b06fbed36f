<?php

declare(strict_types=1);

use App\Database\Writes;
use App\Models\Skill;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

it('writes all of it, whatever stands in the values, and gives the number that was counted', function (): void {
    $before = (int) DB::table('activity_log')->insertGetId(['description' => 'before']);
    $writes = new Writes();
    $writes->insert('activity_log', [['description' => 'it\'s one; END? "two"']]);
    $writes->insert('skills', [['id' => '01a', 'slug' => 'brass', 'name' => 'Brass'], ['id' => '01b', 'slug' => 'strings', 'name' => 'Strings']]);
    $writes->add('UPDATE skills SET name = ? WHERE slug = ?', ['Brass \\ winds', 'brass']);
    $number = $writes->run(DB::connection());

    expect($number)->toBe($before + 1)
        ->and(DB::table('activity_log')->where('id', $number)->value('description'))->toBe('it\'s one; END? "two"')
        ->and(Skill::query()->orderBy('slug')->pluck('name')->all())->toBe(['Brass \\ winds', 'Strings']);
});

it('fails as a whole where one of them fails, whichever it is', function (int $which): void {
    Skill::query()->create(['slug' => 'brass', 'name' => 'Brass']);
    $slugs = ['strings', 'keys', 'reeds'];
    $slugs[$which] = 'brass';
    $writes = new Writes();
    foreach ($slugs as $number => $slug) {
        $writes->insert('skills', [['id' => "01{$number}", 'slug' => $slug, 'name' => $slug]]);
    }

    expect(static fn() => DB::transaction(static fn(): int => $writes->run(DB::connection())))->toThrow(UniqueConstraintViolationException::class);
    expect(Skill::query()->pluck('slug')->all())->toBe(['brass'])
        ->and(DB::selectOne('SELECT 1 AS one')->one)->toBe(1);
})->with(['the first' => [0], 'one between' => [1], 'the last' => [2]]);
