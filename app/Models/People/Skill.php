<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Something that people know how to do, at a level.
 *
 * @property-read SkillLevel|null $pivot of a person who has it
 */
final class Skill extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'skills';

    protected $guarded = [];
}
