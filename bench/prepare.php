<?php

declare(strict_types=1);

// Makes the house that the HTTP benchmark posts to, and prints a token for it; with "settle", completes what a round
// has left open.

use App\Models\Access\User;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use Database\Seeders\DemoSeeder;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Schema;
use OpenBaton\Core\Workload\TaskStatus;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';

if (($argv[1] ?? '') === 'settle') {
    $posted = Task::query()->where('title', 'like', 'Bench task %');
    (clone $posted)->update(['status' => TaskStatus::Done, 'completed_at' => now()]);
    echo (clone $posted)->count(),
        ' ',
        Decision::query()->whereIn('task_id', (clone $posted)->select('id'))->count(),
        "\n";
    exit();
}

Artisan::call('migrate:fresh', ['--force' => true]);
Schema::create('bench_rows', static function (Blueprint $table): void {
    $table->increments('id');
    $table->integer('row');
    $table->string('said', 60);
});
$app->make(DemoSeeder::class)->run(1);
echo User::query()
    ->where('email', 'admin@alderquill.example')
    ->firstOrFail()
    ->createToken('bench', ['tasks:create'])->plainTextToken,
    "\n";
