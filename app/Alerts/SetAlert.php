<?php

declare(strict_types=1);

namespace App\Alerts;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\Alerts\Alert;
use OpenBaton\Core\Alert\AlertKind;
use OpenBaton\Core\Message\Channel;

/** Says to what leads are alerted, from which figure on, who is told and by which means. */
final class SetAlert
{
    /**
     * @param list<Channel> $channels besides the product itself
     * @param list<string>  $people   ids; none: all leads
     */
    public function __invoke(
        AlertKind $kind,
        bool $on,
        ?int $threshold,
        array $channels,
        array $people,
        Actor $by,
    ): Alert {
        return ChangeHouse::run(
            'alert_set',
            "said when leads are alerted: {$kind->value}",
            $by,
            static fn(): Alert => Alert::query()->updateOrCreate(
                ['kind' => $kind->value],
                [
                    'on' => $on,
                    'threshold' => $kind->usualThreshold() === null ? null : $threshold ?? $kind->usualThreshold(),
                    'channels' => array_column($channels, 'value'),
                    'people' => $people,
                ],
            ),
        );
    }
}
