<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** A field of tasks that the house has added. */
final class CustomField extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'fields';

    protected $guarded = [];

    protected $casts = [
        'options' => 'array',
        'retired_options' => 'array',
        'retired_at' => 'immutable_datetime',
    ];

    /** @return Collection<int, self> those that the web form asks for, in their order */
    public static function onTheForm(): Collection
    {
        return self::query()->whereNotNull('form_label')->orderBy('position')->get();
    }

    /** @return list<string> values that are no longer offered */
    public function retiredOptions(): array
    {
        return array_values(array_filter((array) $this->retired_options, is_string(...)));
    }
}
