<?php

declare(strict_types=1);

use App\Messages\SendNext;
use App\Models\Messages\Message;
use App\Models\Messages\StandInPost;
use Illuminate\Notifications\Events\NotificationSending;
use Illuminate\Notifications\Events\NotificationSent;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use OpenBaton\Core\Message\MessageState;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Messages;

require_once __DIR__ . '/FaultsFunctions.php';

it('sends each message once, though workers are killed before and after the channel has it', function (): void {
    $task = House::arrive();
    $signs = [];
    for ($count = 0; $count < 60; ++$count) {
        $signs[] = Messages::toBeSent($task, $count)->sign();
    }
    for ($kill = 0; $kill < 50; ++$kill) {
        // Any lease of those who were killed has run out.
        Clock::set(gmdate('Y-m-d\TH:i:s\Z', strtotime('2026-03-02T10:00:00Z') + 180 * $kill));
        DB::purge();
        $worker = meanwhile(function () use ($kill): void {
            $at = 0;
            Event::listen(
                $kill % 3 === 0 ? NotificationSending::class : NotificationSent::class,
                static function () use (&$at): void {
                    // One goes well, the next does not.
                    if (++$at === 2) {
                        posix_kill(getmypid() ?: 0, SIGKILL);
                    }
                },
            );
            while (app(SendNext::class)()) {
                continue;
            }
        });
        pcntl_waitpid($worker, $status);
        expect(pcntl_wifsignaled($status))->toBeTrue();
    }
    Clock::set('2026-03-02T18:00:00Z');
    while (app(SendNext::class)()) {
        continue;
    }
    expect(Message::query()->pluck('state')->unique()->all())->toBe([MessageState::Sent]);
    $taken = StandInPost::query()->orderBy('id')->pluck('message')->all();
    sort($taken);
    sort($signs);
    expect($taken)->toBe($signs);
});
