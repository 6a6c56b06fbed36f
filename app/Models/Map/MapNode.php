<?php

declare(strict_types=1);

namespace App\Models\Map;

use App\Models\Casts\Document;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OpenBaton\Core\Map\NodeKind;

/** A place on the map of the house; told by its column node, as the core names it. */
final class MapNode extends Model
{
    protected $table = 'map_nodes';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['kind' => NodeKind::class, 'can' => 'array', 'pool' => Document::class];

    /** @return BelongsTo<self, $this> in which it lies */
    public function group(): BelongsTo
    {
        return $this->belongsTo(self::class, 'within', 'node');
    }

    /** @return HasMany<self, $this> what lies in it */
    public function inside(): HasMany
    {
        return $this->hasMany(self::class, 'within', 'node');
    }
}
