<?php

declare(strict_types=1);

namespace App\Models\Access;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\LocksOneRow;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;

/** How often signing in has failed of late, for an account, a machine or both. */
final class SignInAttempt extends Model
{
    use BootsByName;
    use LocksOneRow;
    use MassPrunable;

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'sign_in_attempts';

    protected $primaryKey = 'key';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $casts = ['waits_until' => 'immutable_datetime', 'forgotten_at' => 'immutable_datetime'];

    /** The row, which is there from now on, locked until the transaction ends; failures of long ago are forgotten. */
    public static function locked(string $key, CarbonImmutable $now): self
    {
        $row = self::lockedOrNew($key, ['failures' => 0, 'forgotten_at' => $now->addSeconds(Waits::FORGOTTEN)]);
        if ($row->forgotten_at <= $now) {
            $row->fill(['failures' => 0, 'waits_until' => null]);
        }

        return $row;
    }

    public function secondsLeft(CarbonImmutable $now): int
    {
        return $this->waits_until === null ? 0 : max(0, $this->waits_until->getTimestamp() - $now->getTimestamp());
    }

    public function fail(Waits $kind, CarbonImmutable $now): void
    {
        $this->count($kind, $this->failures + 1, $now);
    }

    public function takeBack(Waits $kind, CarbonImmutable $now): void
    {
        $this->count($kind, max(0, $this->failures - 1), $now);
    }

    public function forget(CarbonImmutable $now): void
    {
        $this->update(['failures' => 0, 'waits_until' => null, 'forgotten_at' => $now]);
    }

    /** @return Builder<self> */
    public function prunable(): Builder
    {
        return self::query()->where('forgotten_at', '<', CarbonImmutable::now());
    }

    private function count(Waits $kind, int $failures, CarbonImmutable $now): void
    {
        $wait = $kind->after($failures);
        $this->update([
            'failures' => $failures,
            'waits_until' => $wait === 0 ? null : $now->addSeconds($wait),
            'forgotten_at' => $now->addSeconds($wait + Waits::FORGOTTEN),
        ]);
    }
}
