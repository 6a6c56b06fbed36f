<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Models\House\House;
use Carbon\CarbonImmutable;

/** Says that the house needs no setting up any more; leads come to the floor from then on. */
final class SaveSetUp
{
    public function __invoke(bool $done, Actor $by): House
    {
        return ChangeHouse::set(
            $done ? 'set_up' : 'set_up_again',
            $done ? 'said that the house is set up' : 'looks at the setting up once more',
            $by,
            static fn(House $house): array => [
                'set_up_at' => $done ? $house->set_up_at ?? CarbonImmutable::now() : null,
            ],
        );
    }
}
