<?php

declare(strict_types=1);

namespace App\Models\Access;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/** A session as the framework keeps it. Its id is a secret of the machine that has it. */
final class OpenSession extends Model
{
    use BootsByName;

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'sessions';

    protected $keyType = 'string';

    protected $hidden = ['id', 'payload'];

    /**
     * Ends sessions of somebody, and no machine stays signed in by its cookie alone after that.
     *
     * @param string|null $except the session that stays, by its id; null: none does
     * @param string|null $only   one session, by name(); null: all others
     *
     * @return int how many there were
     */
    public static function endOf(User $user, ?string $except = null, ?string $only = null): int
    {
        $ids = self::query()
            ->where('user_id', $user->id)
            ->where('id', '<>', (string) $except)
            ->get(['id'])
            ->filter(static fn(self $one): bool => $only === null || $one->name() === $only)
            ->modelKeys();
        self::query()->whereKey($ids)->delete();
        $user->forceFill(['remember_token' => Str::random(60)])->save();

        return count($ids);
    }

    /** What it is called where others may see it. */
    public function name(): string
    {
        return hash('sha256', (string) $this->id);
    }
}
