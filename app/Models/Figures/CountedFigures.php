<?php

declare(strict_types=1);

namespace App\Models\Figures;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What came in and what ended in the last weeks, of the house or of a team, by week, by team or by kind. A row is told
 * by the first three of its columns.
 *
 * @property string          $whose slug of a team; empty: the house
 * @property string          $by    one of BY
 * @property int             $weeks one of WEEKS
 * @property array<array-key, array<string, mixed>> $rows figures by Monday, slug of the team or slug of the kind
 * @property CarbonImmutable $at
 */
final class CountedFigures extends Model
{
    public const BY = ['all', 'week', 'team', 'kind'];

    public const WEEKS = [4, 12, 26];

    protected $table = 'figures';

    protected $primaryKey = 'whose';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['rows' => 'array', 'at' => 'immutable_datetime'];
}
