<?php

declare(strict_types=1);

namespace App\Models\Alerts;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Alert\AlertKind;
use OpenBaton\Core\Message\Channel;

/** How the house wants to be alerted to one kind of thing. One that nobody has set is as usual. */
final class Alert extends Model
{
    use BootsByName;

    protected $table = 'alerts';

    protected $primaryKey = 'kind';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['channels' => 'array', 'people' => 'array', 'on' => 'boolean'];

    /** @return array<string, self> by kind, in their order */
    public static function ofHouse(): array
    {
        $known = self::query()->get()->keyBy('kind');
        $alerts = [];
        foreach (AlertKind::cases() as $kind) {
            $alerts[$kind->value] =
                $known->get($kind->value) ??
                new self([
                    'kind' => $kind->value,
                    'threshold' => $kind->usualThreshold(),
                    'channels' => [],
                    'people' => [],
                    'on' => true,
                ]);
        }

        return $alerts;
    }

    /** @return list<Channel> */
    public function by(): array
    {
        return Channel::among((array) $this->channels);
    }

    /** @return list<string> ids of people; none: all leads */
    public function peopleIds(): array
    {
        return array_values(array_filter((array) $this->people, is_string(...)));
    }
}
