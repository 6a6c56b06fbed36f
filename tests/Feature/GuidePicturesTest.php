<?php

declare(strict_types=1);

use App\Models\Guides\GuidePicture;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;

/** As much of a PNG as tells what it is and how large. */
function picture(int $width = 20, int $height = 20): UploadedFile
{
    $head = 'IHDR' . pack('NNCCCCC', $width, $height, 8, 2, 0, 0, 0);

    return UploadedFile::fake()->createWithContent(
        'felt.png',
        "\x89PNG\r\n\x1a\n" . pack('N', 13) . $head . pack('N', crc32($head)),
    );
}

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Storage::fake('files');
    House::open();
});

it('takes pictures that are pictures, and gives them to the house alone', function (): void {
    $this->actingAs(House::user('hanneke'));
    $send = fn(UploadedFile $file): TestResponse => $this->post(
        '/guides/pictures',
        ['file' => $file],
        ['Accept' => 'application/json'],
    );
    $send(UploadedFile::fake()->createWithContent('a.svg', '<svg xmlns="http://www.w3.org/2000/svg"/>'))->assertStatus(
        422,
    );
    $send(UploadedFile::fake()->createWithContent('a.png', '<html><script>1</script></html>'))->assertStatus(422);
    $send(picture(8001, 1))->assertStatus(422);
    expect(GuidePicture::query()->count())->toBe(0);
    $url = $send(picture())->assertCreated()->json('url');
    $answer = $this->actingAs(House::user('ayumi'))->get($url)->assertOk();
    expect([$answer->headers->get('Content-Type'), $answer->headers->get('X-Content-Type-Options')])->toBe([
        'image/png',
        'nosniff',
    ]);
    $this->post('/guides/pictures', ['file' => picture()])->assertForbidden();
    app('auth')->forgetGuards();
    $this->get($url)->assertRedirect('/sign-in');
});

it('forgets pictures that no guide came to show, and no others', function (): void {
    $this->actingAs(House::user('hanneke'));
    $picture = fn(): string => $this->post('/guides/pictures', [
        'file' => picture(),
    ])->json('url');
    [$shown, $left] = [$picture(), $picture()];
    $this->post('/guides', ['name' => 'Felts', 'text' => "![Felt]({$shown})", 'seen' => 0]);
    $this->put('/guides/felts', ['name' => 'Felts', 'text' => 'Without.', 'seen' => 1])->assertSessionHasNoErrors();
    Clock::set('2026-03-03T11:00:00Z');
    $picture();
    $this->get($shown)->assertOk();
    $this->get($left)->assertNotFound();
});
