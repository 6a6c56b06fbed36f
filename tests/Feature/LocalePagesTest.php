<?php

declare(strict_types=1);

use App\Models\Tasks\TaskKind;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\HouseTexts;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    TaskKind::query()->update(['form_label' => 'Repair it']);
});

/** @return list<string> texts of a page that come neither from the words nor from the data of the house */
function foreignTexts(string $html): array
{
    $document = new DOMDocument();
    $document->loadHTML("<?xml encoding=\"utf-8\">{$html}", LIBXML_NOERROR);
    $found = [];
    $texts = '//text()[not(ancestor::script or ancestor::style)] | //@title | //@placeholder | //@aria-label';
    foreach ((new DOMXPath($document))->query($texts) ?: [] as $node) {
        // Marks of direction are ours as well.
        $left = (string) preg_replace('/[\x{202a}-\x{202e}]/u', '', (string) $node->nodeValue);
        while (str_contains($left, '⟦')) {
            $left = (string) preg_replace('/⟦[^⟦⟧]*⟧/u', '', $left, 1, $count);
            if ($count === 0) {
                break;
            }
        }
        $left = str_replace([...HouseTexts::all(), 'Open Baton', 'EUR'], '', $left);
        if (preg_match('/[A-Za-z]{2}/', $left) === 1) {
            $found[] = trim((string) $node->nodeValue);
        }
    }

    return $found;
}

it('says nothing but by the words on pages without the application', function (string $locale): void {
    config(['baton.locale' => $locale]);
    app()->forgetScopedInstances();
    $this->post('/stand-ins/web-form', ['kind' => 'bench-repair', 'title' => 'Tuba with a dent']);
    $address = (string) parse_url((string) session('address'), PHP_URL_PATH);
    $pages = ['/stand-ins/web-form', $address, '/requests/' . str_repeat('a', 48), '/nowhere'];
    $this->get('/stand-ins/web-form')->assertSee($address);
    foreach ($pages as $page) {
        $html = (string) $this->get($page)->getContent();
        expect($html)
            ->toContain('⟦')
            ->toContain("lang=\"{$locale}\"");
        expect(foreignTexts($html))->toBe([]);
    }
    app()->forgetScopedInstances();
    $html = (string) $this->actingAs(House::user('hanneke'))->get('/stand-ins/personnel')->assertOk()->getContent();
    expect(foreignTexts($html))->toBe([]);
})->with(['en-XA', 'ar-XB']);

it('sees a text that is not from the words', function (): void {
    expect(foreignTexts('<p title="by hand">⟦Ññöö ⟦ŕööööɱ⟧⟧ Typed</p>'))->toBe(['by hand', '⟦Ññöö ⟦ŕööööɱ⟧⟧ Typed']);
});
