<?php

declare(strict_types=1);

/*
 * The cover plan of somebody with 500 open tasks, and the absences of 500
 * people over 12 weeks: milliseconds of the whole request in one process, the
 * median of some; and of the hand-over of 500 tasks in one transaction, once.
 * Prints JSON.
 */

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Access\Actor;
use App\Models\Absences\Absence;
use App\Models\Access\User;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\People\Team;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Workload\TaskStatus;

const EVERYBODY = 500;
const AWAY_EACH = 2;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';
require __DIR__ . '/request.php';
$lead = User::query()->where('email', 'hanneke@alderquill.example')->firstOrFail();
$callum = Person::query()->where('slug', 'callum-rees')->firstOrFail();

/** Open tasks of one person, as many as asked for, due in two weeks. */
function giveTasks(Person $person, int $number): void
{
    Task::query()
        ->where('assignee_id', $person->id)
        ->open()
        ->update(['status' => TaskStatus::Done, 'completed_at' => now()]);
    $known = (array) Task::query()->latest('number')->toBase()->first();
    $rows = [];
    for ($row = 0; $row < $number; ++$row) {
        $rows[] =
            [
                'id' => (new Task())->newUniqueId(),
                'status' => 'new',
                'assignee_id' => $person->id,
                'reviewer_id' => null,
                'completed_at' => null,
                'wakes_at' => null,
                'next_moment_at' => null,
                'made_by_id' => null,
                'due_at' => now()->addDays(14)->addMinutes($row)->format('Y-m-d H:i:s'),
                'estimate_minutes' => 60,
            ] + array_diff_key($known, ['number' => 1, 'key' => 1, 'key_user_id' => 1, 'key_hash' => 1]);
    }
    foreach (array_chunk($rows, 250) as $piece) {
        Task::query()->insert($piece);
    }
}

$day = static fn(int $days): string => CarbonImmutable::now()->addDays($days)->format('Y-m-d');
Absence::query()
    ->where('person_id', $callum->id)
    ->update(['status' => AbsenceStatus::Cancelled]);
House::query()->increment('roster_revision');
$ask = static fn(bool $approved): Absence => $app->make(AskAbsence::class)(
    $callum,
    new AbsenceTerms(
        AbsenceKind::Leave,
        $day($approved ? 0 : 12),
        $day(18),
        substitutes: ['femi-adeyinka', 'tobias-lindqvist'],
    ),
    $approved,
    Actor::user($lead),
);
$absence = $ask(false);
$figures = [];
foreach ([50, 500] as $number) {
    giveTasks($callum, $number);
    $figures["plan_{$number}"] = milliseconds(
        $app,
        $lead,
        static fn(): Request => Request::create("/absences/{$absence->id}"),
    );
}
$app->forgetScopedInstances();
$begin = hrtime(true);
$ask(true);
$figures['hand_over_500'] = round((hrtime(true) - $begin) / 1e6);
$figures['handed_over'] = Task::query()->open()->where('assignee_id', '<>', $callum->id)->whereHas('covers')->count();

$figures['absences_demo'] = milliseconds($app, $lead, static fn(): Request => Request::create('/absences?weeks=12'));
$teams = Team::query()->get();
for ($number = Person::query()->count(); $number < EVERYBODY; ++$number) {
    $person = Person::query()->create([
        'slug' => "person-{$number}",
        'name' => "Person {$number}",
        'position' => $number,
    ]);
    $teams[$number % count($teams)]?->members()->attach($person->id, ['weight' => 100, 'position' => $number]);
    for ($away = 0; $away < AWAY_EACH; ++$away) {
        Absence::query()->create([
            'slug' => "away-{$number}-{$away}",
            'person_id' => $person->id,
            'status' => $number % 5 === 0 ? AbsenceStatus::Asked : AbsenceStatus::Approved,
            'first_day' => $day(($number * 7 + $away * 40) % 80),
            'last_day' => $day((($number * 7 + $away * 40) % 80) + 4),
        ]);
    }
}
House::query()->increment('roster_revision');
$figures['absences_500'] = milliseconds($app, $lead, static fn(): Request => Request::create('/absences?weeks=12'));
echo json_encode($figures), "\n";
