<?php

declare(strict_types=1);

namespace App\Models\Map;

use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Map\ArrowKind;

/** What leads from one place of the map to another. */
final class MapArrow extends Model
{
    protected $table = 'map_arrows';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['kind' => ArrowKind::class, 'defined' => 'boolean'];
}
