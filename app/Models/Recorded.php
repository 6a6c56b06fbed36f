<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Absences\Absence;
use App\Models\Absences\CalendarFeed;
use App\Models\Access\Invitation;
use App\Models\Access\User;
use App\Models\Alerts\Alert;
use App\Models\Cases\Track;
use App\Models\Customers\Customer;
use App\Models\Duties\Duty;
use App\Models\Guides\Guide;
use App\Models\House\CustomField;
use App\Models\House\House;
use App\Models\House\TableImport;
use App\Models\Levelling\Levelling;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\People\Skill;
use App\Models\People\Team;
use App\Models\Reminders\Reminder;
use App\Models\Rollouts\Rollout;
use App\Models\Rules\RulebookVersion;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\Runsheet;
use App\Models\Sweeps\NamedSweep;
use App\Models\Sweeps\SweepRun;
use App\Models\Tasks\Checklist;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\Models\Tasks\TaskList;
use Illuminate\Database\Eloquent\Model;

/** What entries of the trail, permissions and tokens are about, by the name under which it is kept. */
final class Recorded
{
    /** @var array<string, class-string<Model>> */
    public const MODELS = [
        'absence' => Absence::class,
        'alert' => Alert::class,
        'calendar_feed' => CalendarFeed::class,
        'checklist' => Checklist::class,
        'customer' => Customer::class,
        'custom_field' => CustomField::class,
        'duty' => Duty::class,
        'guide' => Guide::class,
        'house' => House::class,
        'invitation' => Invitation::class,
        'levelling' => Levelling::class,
        'person' => Person::class,
        'place' => Place::class,
        'reminder' => Reminder::class,
        'rulebook_version' => RulebookVersion::class,
        'run' => Run::class,
        'rollout' => Rollout::class,
        'runsheet' => Runsheet::class,
        'sweep' => NamedSweep::class,
        'sweep_run' => SweepRun::class,
        'skill' => Skill::class,
        'table_import' => TableImport::class,
        'task' => Task::class,
        'task_kind' => TaskKind::class,
        'task_list' => TaskList::class,
        'team' => Team::class,
        'user' => User::class,
        'track' => Track::class,
    ];
}
