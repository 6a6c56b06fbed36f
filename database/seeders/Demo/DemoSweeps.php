<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Models\Access\User;
use App\Sweeps\SaveSweep;

/** Changes of many tasks that the lead of the house keeps at hand. */
final readonly class DemoSweeps
{
    /** By name. */
    private const ALL = [
        'Quotes that are late' => [
            'if' => [
                'all' => [
                    ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
                    ['field' => 'task.due', 'op' => 'before', 'value' => ['now' => 'today']],
                ],
            ],
            'then' => [['kind' => 'priority', 'priority' => 'high'], ['kind' => 'tag', 'tag' => 'say when']],
        ],
        'Set-ups of the orchestra to Tobias' => [
            'if' => [
                'all' => [
                    ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
                    ['field' => 'customer.name', 'op' => 'is', 'value' => 'Selwyn Youth Orchestra'],
                    ['field' => 'task.status', 'op' => 'is', 'value' => 'new'],
                ],
            ],
            'hand_to' => 'tobias-lindqvist',
            'then' => [],
        ],
    ];

    public function __construct(private SaveSweep $save) {}

    public function lay(User $lead): void
    {
        foreach (self::ALL as $name => $document) {
            ($this->save)(null, $name, $document, null, $lead);
        }
    }
}
