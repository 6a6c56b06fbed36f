<?php

declare(strict_types=1);

namespace App\Http\Pages\Alerts;

use App\Alerts\AlertWords;
use App\Http\Pages\PersonRef;
use App\Models\Alerts\Alert;
use App\Models\Alerts\RaisedAlert;
use App\Models\People\Person;
use OpenBaton\Core\Alert\AlertKind;

/** To what leads are alerted, and how much of it holds now. Its type is AlertsPage.ts. */
final class AlertsPage
{
    /** @return array<string, mixed> */
    public function props(): array
    {
        $leads = Person::leads();
        $slugs = $leads->pluck('slug', 'id')->all();
        $raised = RaisedAlert::query()
            ->selectRaw('kind, count(*) as raised')
            ->groupBy('kind')
            ->toBase()
            ->pluck('raised', 'kind')
            ->all();

        return [
            'alerts' => array_values(
                array_map(
                    static fn(Alert $one): array => [
                        'kind' => $one->kind,
                        'on' => $one->on,
                        'threshold' => $one->threshold,
                        'channels' => array_column($one->by(), 'value'),
                        'people' => array_values(
                            array_filter(
                                array_map(static fn(string $id): mixed => $slugs[$id] ?? null, $one->peopleIds()),
                            ),
                        ),
                        'place' => AlertWords::place(AlertKind::from($one->kind)),
                        'raised' => is_numeric($raised[$one->kind] ?? null) ? (int) $raised[$one->kind] : 0,
                    ],
                    Alert::ofHouse(),
                ),
            ),
            'leads' => array_values($leads->map(PersonRef::of(...))->all()),
        ];
    }
}
