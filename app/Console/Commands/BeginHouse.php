<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Access\Role;
use App\Models\House\House;
use DateTimeZone;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\TextLimits;
use Spatie\Permission\Models\Role as RoleRow;

final class BeginHouse extends Command
{
    protected $signature =
        'baton:begin {name : what the house is called} ' . '{--zone=UTC : its time zone, such as Europe/Dublin}';

    protected $description =
        'Begin a house of one\'s own in empty tables; its first administrator comes by ' . 'baton:invite';

    public function handle(): int
    {
        $name = trim((string) $this->argument('name'));
        $zone = (string) $this->option('zone');
        $wrong = match (true) {
            House::query()->exists() => 'There is a house already.',
            $name === '' || mb_strlen($name) > TextLimits::NAME => 'Give a name of at most ' .
                TextLimits::NAME .
                ' characters.',
            !in_array($zone, DateTimeZone::listIdentifiers(), true) => "There is no time zone \"{$zone}\".",
            default => null,
        };
        if ($wrong !== null) {
            $this->error($wrong);

            return 2;
        }
        DB::transaction(static function () use ($name, $zone): void {
            $house = House::query()->create([
                'name' => $name,
                'zone' => $zone,
                'hours' => [],
                'holidays' => [],
                'exceptions' => [],
                'customer_tiers' => [],
                'place_levels' => [],
            ]);
            foreach (Role::cases() as $role) {
                RoleRow::findOrCreate($role->value);
            }
            Audit::record(Actor::system('command line'), 'house', 'begun', "began the house {$name}", $house);
        });
        $this->info("{$name} has begun. Invite its administrator with baton:invite.");

        return 0;
    }
}
