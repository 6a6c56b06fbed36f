<?php

declare(strict_types=1);

namespace App\Models\Map;

use Illuminate\Database\Eloquent\Model;

/** When the map of the house was last worked out. */
final class MapDrawing extends Model
{
    protected $table = 'map_drawings';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['at' => 'immutable_datetime'];
}
