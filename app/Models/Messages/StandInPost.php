<?php

declare(strict_types=1);

namespace App\Models\Messages;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Message\Channel;

/** What a stand-in has taken. */
final class StandInPost extends Model
{
    use BootsByName;

    protected $table = 'stand_in_posts';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['channel' => Channel::class, 'at' => 'immutable_datetime'];
}
