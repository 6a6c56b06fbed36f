<?php

declare(strict_types=1);

namespace App\Models\Guides;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** A picture in guides. It stays as long as a version may show it. */
final class GuidePicture extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'guide_pictures';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['at' => 'immutable_datetime'];

    /** Where it is got. */
    public function url(): string
    {
        return self::PATH . $this->id;
    }

    public const PATH = '/guides/pictures/';
}
