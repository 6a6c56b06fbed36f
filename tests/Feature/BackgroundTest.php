<?php

declare(strict_types=1);

use App\Coverage\WorkOutCoverage;
use App\Models\Access\Role;
use App\Models\Rules\CoverageRun;
use App\Models\Rules\RulebookVersion;
use App\Notifications\BackgroundWorkFailed;
use Database\Factories\Access\UserFactory;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use Spatie\Permission\Models\Role as RoleRow;
use Tests\Support\FailingJob;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    RoleRow::findOrCreate(Role::Administrator->value);
    $this->administrator = UserFactory::new()->who(Role::Administrator)->create();
    config(['queue.default' => 'database']);
});

it('is put into the queue once, however often it is asked for', function (): void {
    $run = CoverageRun::query()
        ->where('rulebook_version_id', RulebookVersion::query()->published()->sole()->id)
        ->sole();
    WorkOutCoverage::dispatch($run->id);
    WorkOutCoverage::dispatch($run->id);
    expect(DB::table('jobs')->count())->toBe(1);
});

it('tells administrators, and nobody else, what it has given up', function (): void {
    Notification::fake();
    dispatch(new FailingJob());
    for ($attempt = 1; $attempt <= 3; ++$attempt) {
        Notification::assertNothingSent();
        $this->artisan('queue:work', ['--once' => true, '--sleep' => 0, '--tries' => 3]);
    }
    Notification::assertSentToTimes($this->administrator, BackgroundWorkFailed::class, 1);
    Notification::assertNotSentTo(House::user('hanneke'), BackgroundWorkFailed::class);
    expect(DB::table('jobs')->count())->toBe(0);
    expect(DB::table('failed_jobs')->count())->toBe(1);
});

it('says in the mail what failed and what to do', function (): void {
    $mail = (new BackgroundWorkFailed('WorkOutCoverage', 'No.'))->toMail();
    expect($mail->subject)->toBe('Open Baton: work in the background has failed');
    expect($mail->introLines[0])->toBe('WorkOutCoverage was given up after its last attempt: No.');
    expect($mail->introLines[1])->toContain('queue:retry all');
});
