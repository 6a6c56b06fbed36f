<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\Concerns\BootsByName;
use App\Models\Tasks\TaskKind;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** The house itself: one row. */
final class House extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'houses';

    protected $guarded = [];

    protected $casts = [
        'hours' => 'array',
        'holidays' => 'array',
        'exceptions' => 'array',
        'customer_tiers' => 'array',
        'place_levels' => 'array',
        'calendars' => 'array',
        'load_measure' => 'array',
        'customer_words' => 'array',
        'tasks_are_open' => 'boolean',
        'holds_for_customers' => 'boolean',
        'obligatory_news' => 'array',
        'on_call' => 'array',
        'ticked_at' => 'immutable_datetime',
        'set_up_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<TaskKind, $this> of the tasks by which authors hear that a guide is not right */
    public function guideKind(): BelongsTo
    {
        return $this->belongsTo(TaskKind::class, 'guide_kind_id');
    }

    /** @return array<string, string> levels of the tree of places, from the top down: label by code */
    public function levels(): array
    {
        return self::labels((array) $this->place_levels);
    }

    /** @return array<string, string> sorts of customers: label by code */
    public function tiers(): array
    {
        return self::labels((array) $this->customer_tiers);
    }

    /**
     * @param array<array-key, mixed> $kept
     *
     * @return array<string, string>
     */
    private static function labels(array $kept): array
    {
        $labels = [];
        foreach (array_filter($kept, is_string(...)) as $code => $label) {
            $labels[(string) $code] = $label;
        }

        return $labels;
    }
}
