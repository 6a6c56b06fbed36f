<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Absences\MoveCovered;
use App\Access\Actor;
use App\Clock\SettleAbsences;
use App\Models\Absences\Absence;
use App\Models\Absences\Settling;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Database\Factories\Tasks\TaskFactory;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\HeldPolicy;
use Tests\Support\Clock;
use Tests\Support\House;

it(
    'moves the work of somebody who has much of it in pieces, each whole, and goes on where it was left',
    function (): void {
        Clock::set('2026-03-02T10:00:00Z');
        House::open();
        config(['queue.default' => 'database']);
        $tick = static function (string $moment): void {
            Clock::set($moment);
            app()->forgetScopedInstances();
            app(SettleAbsences::class)(CarbonImmutable::now());
        };
        for ($count = 0; $count < MoveCovered::PIECE + 12; ++$count) {
            TaskFactory::new()->create(['assignee_id' => House::person('callum')->id]);
        }
        $locks = [];
        $moved = 0;
        $fails = MoveCovered::PIECE + 5;
        DB::listen(static function (QueryExecuted $query) use (&$locks, &$moved, &$fails): void {
            if (str_contains($query->sql, 'from `houses`') && str_contains($query->sql, 'for update')) {
                $locks[] = 0;
            }
            if (str_starts_with($query->sql, 'insert into `handoffs`')) {
                ++$locks[count($locks) - 1];
                if (++$moved === $fails) {
                    throw new RuntimeException('The server is gone.');
                }
            }
        });
        $away = static fn(): Absence => app(AskAbsence::class)(
            House::person('callum'),
            new AbsenceTerms(
                AbsenceKind::Leave,
                '2026-03-02',
                '2026-03-03',
                substitutes: ['femi'],
                held: HeldPolicy::All,
            ),
            true,
            Actor::user(House::user('hanneke')),
        );
        expect($away)->toThrow(RuntimeException::class);
        $held = static fn(string $person): int => Task::query()
            ->where('assignee_id', House::person($person)->id)
            ->count();
        expect([$held('femi'), $held('callum'), max($locks)])->toBe([MoveCovered::PIECE, 12, MoveCovered::PIECE]);
        expect(Absence::query()->sole()->settling)->toBe(Settling::Due);
        $tick('2026-03-02T10:01:00Z');
        expect([$held('femi'), $held('callum'), Handoff::query()->count()])->toBe([
            MoveCovered::PIECE + 12,
            0,
            MoveCovered::PIECE + 12,
        ]);
        expect(Absence::query()->sole()->settling)->toBeNull();
        $tick('2026-03-04T00:00:00Z');
        expect([$held('femi'), $held('callum'), max($locks)])->toBe([0, MoveCovered::PIECE + 12, MoveCovered::PIECE]);
    },
);
