<?php

declare(strict_types=1);

namespace App\Models\Absences;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** A secret address under which the absences or the work of a person, or of a team, are read as a calendar. */
final class CalendarFeed extends Model
{
    use BootsByName;
    use HasUlids;

    public const ABSENCES = 'absences';
    public const WORK = 'work';

    protected $table = 'calendar_feeds';

    public $timestamps = false;

    protected $guarded = [];
}
