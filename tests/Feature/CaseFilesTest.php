<?php

declare(strict_types=1);

use App\Models\Cases\CustomerCase;
use App\Models\Tasks\TaskChange;
use App\Models\Tasks\TaskFile;
use App\Tasks\StoredFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CaseFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    Cases::track();
    Storage::fake(StoredFile::DISK);
    $this->attach = fn(string $who, CustomerCase $case): mixed => $this->actingAs(House::user($who))->post(
        "/cases/{$case->id}/files",
        ['file' => UploadedFile::fake()->create('../terms.pdf', 3, 'application/pdf')],
    );
});

it('keeps a file of a case, tells of it in the history, and rules hear of it', function (): void {
    House::publish(
        ofCases(
            'signed',
            ['kind' => 'file_added', 'of' => 'case'],
            [['kind' => 'move_stage', 'stage' => 'hire.fitting']],
        ),
    );
    $case = Cases::open(['owner' => 'ayumi']);
    ($this->attach)('ayumi', $case)->assertRedirect();
    expect([$case->refresh()->files_count, $case->stage])->toBe([1, 'fitting']);
    $file = TaskFile::query()->where('case_id', $case->id)->sole();
    expect([$file->name, $file->task_id])->toBe(['terms.pdf', null]);
    Storage::disk(StoredFile::DISK)->assertExists($file->path);
    $change = TaskChange::query()->where('case_id', $case->id)->where('occasion', 'attached')->sole();
    expect($change->reason)->toBe('terms.pdf');
    $this->get("/cases/{$case->id}")->assertInertia(
        static fn($page) => $page->where('files.files.0.name', 'terms.pdf')->where('files.earlier', null),
    );
    $this->get("/cases/{$case->id}/files/{$file->id}")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/octet-stream')
        ->assertDownload('terms.pdf');
});

it('hands it to nobody who does not see the case, nor by another case or as one of a task', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    ($this->attach)('tobias', $case)->assertForbidden();
    ($this->attach)('ayumi', $case)->assertRedirect();
    $file = TaskFile::query()->sole();
    $other = Cases::open(['owner' => 'ayumi']);
    app()->forgetScopedInstances();
    $this->get("/cases/{$other->id}/files/{$file->id}")->assertNotFound();
    $task = House::arrive();
    $this->actingAs(House::user('hanneke'))
        ->get("/tasks/{$task->id}/files/{$file->id}")
        ->assertNotFound();
    $this->actingAs(House::user('tobias'))
        ->get("/cases/{$case->id}/files/{$file->id}")
        ->assertForbidden();
    $this->get("/cases/{$case->id}/files")->assertForbidden();
});
