<?php

declare(strict_types=1);

namespace App\Models\Map;

use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Map\MapFindingKind;

/** What is worth a look on the map. */
final class MapFinding extends Model
{
    protected $table = 'map_findings';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['kind' => MapFindingKind::class];
}
