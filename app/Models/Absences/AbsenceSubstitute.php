<?php

declare(strict_types=1);

namespace App\Models\Absences;

use Illuminate\Database\Eloquent\Relations\Pivot;

/**
 * That somebody stands in while a person is away.
 *
 * @property string                    $absence_id
 * @property string                    $person_id
 * @property int                       $position in the order in which they are asked
 * @property array<string, mixed>|null $only     criteria of the work that they stand in for, as a document; null: all
 */
final class AbsenceSubstitute extends Pivot
{
    protected $table = 'absence_substitutes';

    public $timestamps = false;

    protected $casts = ['only' => 'array'];
}
