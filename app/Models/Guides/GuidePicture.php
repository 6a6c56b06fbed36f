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

    public const PATH = '/guides/pictures/';

    protected $table = 'guide_pictures';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['at' => 'immutable_datetime', 'shown' => 'boolean'];

    /** Marks those that a text shows: they stay. */
    public static function keepThoseOf(string $markdown): void
    {
        preg_match_all('~' . preg_quote(self::PATH, '~') . '([0-9a-z]{26})~', $markdown, $found);
        self::query()
            ->whereKey($found[1])
            ->update(['shown' => true]);
    }

    /** Where it is got. */
    public function url(): string
    {
        return self::PATH . $this->id;
    }
}
