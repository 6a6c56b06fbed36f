<?php

declare(strict_types=1);

namespace App\Models\Foresight;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What is foreseen of the house, a team or a skill.
 *
 * @property string          $about
 * @property list<array<string, mixed>> $days
 * @property array<string, mixed>       $help
 * @property CarbonImmutable $at
 */
final class Forecast extends Model
{
    public const HOUSE = 'house';

    protected $table = 'forecasts';

    protected $primaryKey = 'about';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['days' => 'array', 'help' => 'array', 'at' => 'immutable_datetime'];
}
