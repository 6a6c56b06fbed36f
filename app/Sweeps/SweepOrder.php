<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Models\Access\User;
use App\Models\Rules\RulebookVersion;
use App\Models\Sweeps\NamedSweep;
use OpenBaton\Core\Rulebook\Rule;

/** What is to be looked at: a sweep, or a rule in force, over which tasks, by whom. */
final readonly class SweepOrder
{
    /** @param array{filter: array<string, string>}|array{ids: list<string>} $chosen */
    public function __construct(public NamedSweep|Rule $what, public array $chosen, public User $by) {}

    /** @return array<string, mixed> columns of a run */
    public function columns(): array
    {
        $what = $this->what;

        return [
            'name' => $what->name,
            'document' => $what instanceof NamedSweep ? $what->document : null,
            'sweep_id' => $what instanceof NamedSweep ? $what->id : null,
            'rule_id' => $what instanceof Rule ? $what->id : null,
            'rulebook_version_id' => RulebookVersion::query()->published()->value('id'),
            'user_id' => $this->by->id,
            'chosen' => $this->chosen,
        ];
    }
}
