<?php

declare(strict_types=1);

namespace App\Models\Customers;

use App\Models\Concerns\BootsByName;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** The address under which whoever asked for a task sees where it is, and answers: until some weeks after its end. */
final class CustomerLink extends Model
{
    use BootsByName;
    use HasUlids;

    public const LENGTH = 48;

    protected $table = 'customer_links';

    public $timestamps = false;

    protected $guarded = [];

    protected $hidden = ['secret'];

    public static function digest(string $secret): string
    {
        return hash('sha256', $secret);
    }

    /** @return Builder<self> the one that an address stands for, while it is good */
    public static function by(string $secret): Builder
    {
        $since = CarbonImmutable::now()->subWeeks(config()->integer('baton.customer_weeks'));

        return self::query()
            ->where('secret', self::digest($secret))
            ->whereHas(
                'task',
                static fn(Builder $task): Builder => $task
                    ->whereNull('completed_at')
                    ->orWhere('completed_at', '>', $since),
            );
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }
}
