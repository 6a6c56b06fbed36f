<?php

declare(strict_types=1);

// Makes the house that the HTTP benchmark posts to, and prints a token for it; with "settle", completes what a round has left open.

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

if (($argv[1] ?? '') === 'settle') {
    DB::table('tasks')->where('title', 'like', 'Bench task %')->update(['status' => 'done', 'completed_at' => now()]);
    echo DB::table('tasks')->where('title', 'like', 'Bench task %')->count(), ' ', DB::table('decisions')->whereIn('task_id', DB::table('tasks')->where('title', 'like', 'Bench task %')->select('id'))->count(), "\n";
    exit;
}

Artisan::call('migrate:fresh', ['--force' => true]);
DB::statement('CREATE TABLE bench_rows (id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, `row` INT NOT NULL, said VARCHAR(60) NOT NULL)');
$app->make(DemoSeeder::class)->run(1);
echo User::query()->where('email', 'admin@alderquill.example')->firstOrFail()->createToken('bench', ['tasks:create'])->plainTextToken, "\n";
