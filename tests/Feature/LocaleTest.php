<?php

declare(strict_types=1);

use App\Console\Sentences;
use App\Models\Access\User;
use App\Words\Locales;
use App\Words\ValidationLines;
use App\Words\Words;
use Illuminate\Support\Str;
use Spatie\Activitylog\Models\Activity;
use Symfony\Component\Finder\Finder;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

function speaks(string $who, ?string $locale): User
{
    app()->forgetScopedInstances();
    $user = House::user($who);
    $user->update(['locale' => $locale]);

    return $user->refresh();
}

it('is chosen by each for themselves, and goes into the audit trail', function (): void {
    $femi = House::user('femi');
    $this->actingAs($femi)
        ->post('/account/locale', ['locale' => 'en-US'])
        ->assertRedirect('/account');
    $this->actingAs($femi)->post('/account/locale', ['locale' => 'en-US']);
    expect($femi->refresh()->locale)->toBe('en-US');
    expect(House::user('hanneke')->locale)->toBeNull();
    expect(Activity::query()->where('event', 'locale_chosen')->count())->toBe(1);
    foreach (['xx', 'en', ''] as $unknown) {
        $this->postJson('/account/locale', ['locale' => $unknown])->assertUnprocessable();
    }
    // What serves to try the product out is not offered where the house does not ask for it.
    config(['baton.made_up_locales' => false]);
    $this->postJson('/account/locale', ['locale' => 'en-XA'])->assertUnprocessable();
    expect($femi->refresh()->locale)->toBe('en-US');
});

it('says to the page which words and formats it needs, and in which direction', function (
    ?string $locale,
    string $head,
): void {
    $page = (string) $this->actingAs(speaks('femi', $locale))->get('/account')->assertOk()->getContent();
    expect(preg_replace('/\s+/', ' ', substr($page, 0, 300)))->toContain($head);
})->with([
    'none chosen' => [null, '<html lang="en-IE" dir="ltr" data-words="en" data-formats="en-IE" >'],
    'another' => ['en-US', '<html lang="en-US" dir="ltr" data-words="en" data-formats="en-US" >'],
    'from right to left' => ['ar-XB', '<html lang="ar-XB" dir="rtl" data-words="ar-XB" data-formats="ar-EG" >'],
]);

it('writes dates and numbers as the locale does', function (string $locale, string $day, string $number): void {
    $words = new Words(Locales::all()[$locale]);
    expect([$words->date('EEEdMMM', 1772443800, 'Europe/Dublin'), $words->number(1234567.5, 2)])->toBe([$day, $number]);
})->with([
    ['en-IE', 'Mon 2 Mar', '1,234,567.50'],
    ['en-US', 'Mon Mar 2', '1,234,567.50'],
    ['en-IN', 'Mon 2 Mar', '12,34,567.50'],
]);

it('keeps what all get the same in the language of the house, whoever has asked for it first', function (): void {
    $props = fn(string $who, ?string $locale): string => (string) json_encode(
        $this->actingAs(speaks($who, $locale))->get('/tasks/new')->assertOk()->viewData('page')['props'],
        JSON_UNESCAPED_UNICODE,
    );
    $first = $props('hanneke', 'en-XA');
    $second = $props('femi', null);
    expect($first)->toContain('"label":"⟦Ļööŵ⟧"')->not->toContain('"label":"Low"');
    expect($second)->toContain('"label":"Low"')->not->toContain('⟦');
});

it('says what is wrong with what was given in the language of whoever gave it', function (
    string $method,
    string $path,
    array $body,
    string $field,
): void {
    $user = speaks('hanneke', 'en-XA');
    $json = $this->actingAs($user)->json($method, $path, $body)->assertUnprocessable()->json();
    $said = array_column($json['errors'], 'detail', 'pointer')[$field] ?? json_encode($json, JSON_UNESCAPED_UNICODE);
    expect($said)->toStartWith('⟦')->toEndWith('⟧');
})->with([
    'by a request' => ['POST', '/absences', ['person' => 'femi', 'days' => true, 'first' => 'x'], '/first'],
    'by the core, with slots' => ['PUT', '/roster/house', ['document' => ['zone' => 'Europe/Nowhere']], '/house/zone'],
    'by the framework' => ['POST', '/people', ['document' => 'x'], '/document'],
    'by the framework, with a slot' => ['POST', '/house/checklists', ['name' => str_repeat('x', 500)], '/name'],
    'by a rule of ours' => ['PUT', '/rulebook/draft', ['revision' => -1], '/revision'],
    'by a table' => ['POST', '/imports/customers/preview', ['no' => 'table'], '/line 1'],
    'by an action' => ['POST', '/people', ['document' => ['name' => '']], '/people/5'],
]);

it('has words for each rule of the framework that requests are checked by', function (): void {
    $known = require base_path('vendor/laravel/framework/src/Illuminate/Translation/lang/en/validation.php');
    $used = [];
    foreach (
        Finder::create()
            ->files()
            ->name('*.php')
            ->in([app_path('Http/Requests'), app_path('Http/Controllers')])
        as $file
    ) {
        preg_match_all('/\'([a-z_]+)(?::[^\']*)?\'[],]|Rule::(\w+)/', $file->getContents(), $found);
        foreach ([...$found[1], ...array_map(Str::snake(...), $found[2])] as $rule) {
            if (isset($known[$rule])) {
                $used[$rule] = $rule;
            }
        }
    }
    expect(array_keys(array_diff_key($used, (new ValidationLines())->load('en', 'validation'))))->toBe([]);
    expect(count($used))->toBeGreaterThan(20);
});

it('has words for every sentence that says what is wrong', function (): void {
    expect(
        Sentences::in('<?php fail(\'Say {what}, \' . "please."); $other = \'no-sentence\'; at("It can\'t be.");'),
    )->toBe(['Say {what}, please.', 'It can\'t be.']);
});
