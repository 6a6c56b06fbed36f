<?php

declare(strict_types=1);

// Moves a case to and fro, so many times, as it has just seen it, from a moment on where one is given; prints how often
// it did, and how often it was late.

use App\Access\Actor;
use App\Cases\MoveCase;
use App\Models\Cases\CustomerCase;
use App\Refusals\CaseMovedOn;
use Illuminate\Contracts\Console\Kernel;
use Tests\Support\House;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

[$moved, $late] = [0, 0];
$by = Actor::user(House::user($argv[2]));
for ($left = (int) $argv[3]; $left > 0; --$left) {
    $app->forgetScopedInstances();
    $case = CustomerCase::query()->findOrFail($argv[1]);
    usleep((int) max(0, ((float) ($argv[4] ?? 0) - microtime(true)) * 1_000_000));
    try {
        $to = $case->stage === 'enquiry' ? 'fitting' : 'enquiry';
        $app->make(MoveCase::class)($case, $case->revision, $to, "By {$argv[2]}.", true, $by);
        ++$moved;
    } catch (CaseMovedOn) {
        ++$late;
    }
}
echo "{$moved} {$late}";
