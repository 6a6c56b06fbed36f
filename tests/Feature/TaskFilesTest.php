<?php

declare(strict_types=1);

use App\Http\Pages\Tasks\TaskFiles;
use App\Models\Tasks\TaskChange;
use App\Models\Tasks\TaskFile;
use App\Tasks\StoredFile;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\House;

beforeEach(function (): void {
    Storage::fake(StoredFile::DISK);
    House::open();
    House::publish(House::roundRule(), [
        'id' => 'file',
        'name' => 'File',
        'when' => [['kind' => 'file_added', 'by' => 'holder']],
        'then' => [['kind' => 'tag', 'tag' => 'pictured']],
    ]);
    $this->task = House::arrive();
});

/** A file whose kind is read from what is in it, as of one that came through the web server. */
function onDisk(string $name, string $content): UploadedFile
{
    $path = (string) tempnam(sys_get_temp_dir(), 'baton');
    file_put_contents($path, $content);

    return new UploadedFile($path, $name, null, null, true);
}

const PNG = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

it('is attached, kept under a name of its own, and given back so that nothing in it runs', function (): void {
    $file = onDisk('valve.png', (string) base64_decode(PNG, true));
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/files", ['file' => $file])
        ->assertSessionHasNoErrors();
    $row = TaskFile::query()->sole();
    Storage::disk(StoredFile::DISK)->assertExists($row->path);
    $answer = $this->get("/tasks/{$this->task->id}/files/{$row->id}")->assertOk();
    expect([$row->name, $row->type, $this->task->refresh()->files_count, $this->task->tags])->toBe([
        'valve.png',
        'image/png',
        1,
        ['pictured'],
    ]);
    expect(basename($row->path))->not->toContain('valve');
    expect($answer->headers->get('Content-Disposition'))->toBe('attachment; filename=valve.png');
    expect($answer->headers->get('Content-Type'))->toBe('application/octet-stream');
    expect($answer->headers->get('X-Content-Type-Options'))->toBe('nosniff');
    expect($answer->headers->get('Content-Security-Policy'))->toContain('sandbox');
    expect(TaskChange::query()->where('occasion', 'attached')->sole()->reason)->toBe('valve.png');
    $other = House::arrive();
    $this->get("/tasks/{$other->id}/files/{$row->id}")->assertNotFound();
});

it('refuses what is not taken, with a clear word, and keeps nothing of it', function (
    UploadedFile $file,
    string $said,
): void {
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/files", ['file' => $file])
        ->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toStartWith($said);
    expect(TaskFile::query()->count())->toBe(0);
    expect(Storage::disk(StoredFile::DISK)->allFiles())->toBe([]);
})->with([
    'too large' => [
        fn() => UploadedFile::fake()->create('long.pdf', 11_000, 'application/pdf'),
        'A file has at most 10 MB.',
    ],
    'a page' => [
        fn() => UploadedFile::fake()->createWithContent('x.html', '<script>alert(1)</script>'),
        'Files of this kind',
    ],
    'a program in the clothes of a picture' => [fn() => onDisk('x.png', '<?php system("id");'), 'Files of this kind'],
]);

it('takes the harm out of names', function (string $given, string $name): void {
    expect(StoredFile::name($given))->toBe($name);
})->with([
    ['../../etc/passwd.txt', 'passwd.txt'],
    ['C:\\temp\\a.pdf', 'a.pdf'],
    ["a\r\nSet-Cookie: x.txt", 'aSet-Cookie x.txt'],
    ["photo\u{202E}gnp.exe", 'photognp.exe'],
    ['...', 'file'],
    'bytes that are not UTF-8' => ["\xff\xfe.png", 'file.png'],
    ['<b>.png', 'b.png'],
    [str_repeat('é', 300) . '.jpeg', str_repeat('é', 145) . '.jpeg'],
    ['Waldhorn, Ventil 2 (fertig).jpg', 'Waldhorn, Ventil 2 (fertig).jpg'],
]);

it('leaves no file where the change fails', function (): void {
    DB::listen(static function ($query): void {
        if (str_starts_with($query->sql, 'insert into `task_files`')) {
            throw new RuntimeException('no');
        }
    });
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/files", ['file' => UploadedFile::fake()->createWithContent('a.txt', 'words')])
        ->assertStatus(500);
    expect(Storage::disk(StoredFile::DISK)->allFiles())->toBe([]);
    expect($this->task->refresh()->files_count)->toBe(0);
});

it('sweeps away what no task has, a week later', function (): void {
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/files", ['file' => onDisk('valve.png', (string) base64_decode(PNG, true))])
        ->assertSessionHasNoErrors();
    $disk = Storage::disk(StoredFile::DISK);
    $kept = TaskFile::query()->sole()->path;
    $paths = ['left' => dirname($kept) . '/LEFT', 'elsewhere' => 'ZZ/LEFT', 'recent' => 'ZZ/RECENT'];
    foreach ($paths as $path) {
        $disk->put($path, 'x');
    }
    foreach ([$kept => 8, $paths['left'] => 8, $paths['elsewhere'] => 7, $paths['recent'] => 6] as $path => $days) {
        touch($disk->path($path), now()->subDays($days)->subMinute()->getTimestamp());
    }
    $this->artisan('baton:sweep-files')->expectsOutput('2 files that no task has are removed.')->assertExitCode(0);
    expect($disk->allFiles())->toEqualCanonicalizing([$kept, $paths['recent']]);
    $this->artisan('baton:sweep-files')->expectsOutput('0 files that no task has are removed.')->assertExitCode(0);
});

it('sweeps as many files with as few questions', function (): void {
    $disk = Storage::disk(StoredFile::DISK);
    for ($number = 0; $number < 40; ++$number) {
        $disk->put("ZZ/{$number}", 'x');
        touch($disk->path("ZZ/{$number}"), now()->subDays(8)->getTimestamp());
    }
    DB::enableQueryLog();
    $this->artisan('baton:sweep-files')->expectsOutput('40 files that no task has are removed.')->assertExitCode(0);
    expect(DB::getQueryLog())->toHaveCount(1);
});

it('sends the latest files, and those before them as they are asked for', function (): void {
    for ($number = 1; $number <= 2 * TaskFiles::MOST + 3; ++$number) {
        TaskFile::query()->create([
            'task_id' => $this->task->id,
            'name' => "{$number}.txt",
            'type' => 'text/plain',
            'size' => 5,
            'path' => "p{$number}",
            'at' => CarbonImmutable::now(),
        ]);
    }
    $page = TaskFiles::page($this->task);
    $names = array_column($page['files'], 'name');
    while ($page['earlier'] !== null) {
        $page = $this->actingAs(House::user('ayumi'))
            ->getJson("/tasks/{$this->task->id}/files?before={$page['earlier']}")
            ->assertOk()
            ->json();
        array_push($names, ...array_column($page['files'], 'name'));
        expect(count($page['files']))->toBeLessThanOrEqual(TaskFiles::MOST);
    }
    expect($names)->toBe(array_map(static fn(int $n): string => "{$n}.txt", range(2 * TaskFiles::MOST + 3, 1)));
    $this->getJson("/tasks/{$this->task->id}/files?before=x")->assertUnprocessable();
});
