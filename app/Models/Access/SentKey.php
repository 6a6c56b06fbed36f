<?php

declare(strict_types=1);

namespace App\Models\Access;

use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;

/** A key under which another system has sent something that is not to be done twice. */
final class SentKey extends Model
{
    use BootsByName;
    use HasUlids;
    use MassPrunable;

    private const DAYS = 28;

    protected $table = 'request_keys';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['at' => 'immutable_datetime'];

    /** @return Builder<self> */
    public function prunable(): Builder
    {
        return self::query()->where('at', '<', CarbonImmutable::now()->subDays(self::DAYS));
    }
}
