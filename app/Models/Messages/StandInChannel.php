<?php

declare(strict_types=1);

namespace App\Models\Messages;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Message\Channel;

/** How the stand-in of a channel behaves, where it was told to. */
final class StandInChannel extends Model
{
    use BootsByName;

    protected $table = 'stand_in_channels';

    protected $primaryKey = 'channel';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['behaviour' => Behaviour::class];

    public static function behaviourOf(Channel $channel): Behaviour
    {
        return self::query()->find($channel->value)->behaviour ?? Behaviour::Takes;
    }
}
