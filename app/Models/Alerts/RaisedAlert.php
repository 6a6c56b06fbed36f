<?php

declare(strict_types=1);

namespace App\Models\Alerts;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Alert\AlertKind;

/** What leads were alerted to, until it has not been so for an hour. */
final class RaisedAlert extends Model
{
    use BootsByName;

    protected $table = 'alert_raised';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'kind' => AlertKind::class,
        'since' => 'immutable_datetime',
        'held_at' => 'immutable_datetime',
    ];
}
