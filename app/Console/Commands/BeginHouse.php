<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\Actor;
use App\Access\Address;
use App\Access\Audit;
use App\Access\InviteUser;
use App\Access\MakeSignIn;
use App\Models\Access\Role;
use App\Models\House\House;
use App\Models\Tasks\TaskKind;
use App\People\PersonTerms;
use App\People\SavePerson;
use DateTimeZone;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\TextLimits;
use Spatie\Permission\Models\Role as RoleRow;

/** Asks for what is not given where somebody is there to answer. */
final class BeginHouse extends Command
{
    /** What a week begins with; the lead changes it. */
    private const WEEK = ['mon', 'tue', 'wed', 'thu', 'fri'];
    private const DAY = ['09:00-17:00'];

    protected $signature =
        'baton:begin {name? : what the house is called} {--zone= : its time zone, such as Europe/Dublin} ' .
        '{--lead= : the e-mail address of its first lead} {--called= : the name of that lead}';

    protected $description = 'Begin a house of one\'s own in empty tables, with a first lead who invites all others';

    public function handle(SavePerson $save, MakeSignIn $make, InviteUser $invite): int
    {
        if (House::query()->exists()) {
            return $this->refuse('There is a house already.');
        }
        $name = $this->given($this->argument('name'), 'What is the house called?');
        $zone = $this->given($this->option('zone'), 'Its time zone, such as Europe/Dublin?');
        $lead = Address::spelled($this->given($this->option('lead'), 'The e-mail address of its first lead?'));
        $called = $this->given($this->option('called'), 'The name of that lead?');
        $wrong = match (true) {
            $name === '' || mb_strlen($name) > TextLimits::NAME => 'Give a name of at most ' .
                TextLimits::NAME .
                ' characters.',
            !in_array($zone, DateTimeZone::listIdentifiers(), true)
                => "There is no time zone \"{$zone}\"; give one such as Europe/Dublin by --zone.",
            filter_var($lead, FILTER_VALIDATE_EMAIL) === false
                => 'Give the e-mail address of the first lead by --lead.',
            $called === '' || mb_strlen($called) > TextLimits::NAME => 'Give the name of the first lead by --called.',
            default => null,
        };
        if ($wrong !== null) {
            return $this->refuse($wrong);
        }
        $by = Actor::system('command line');
        $secret = DB::transaction(static function () use (
            $name,
            $zone,
            $lead,
            $called,
            $by,
            $save,
            $make,
            $invite,
        ): string {
            self::found($name, $zone, $by);
            $person = $save(null, new PersonTerms(['name' => $called, 'email' => $lead], []), $by);

            return $invite($make($called, $lead, Role::Administrator, $person, $by), $by);
        });
        $this->line(url("invitation/{$secret}"));

        return 0;
    }

    private static function found(string $name, string $zone, Actor $by): void
    {
        $house = House::query()->create([
            'name' => $name,
            'zone' => $zone,
            'hours' => [['from' => '2020-01-06'] + array_fill_keys(self::WEEK, self::DAY)],
            'holidays' => [],
            'exceptions' => [],
            'customer_tiers' => [],
            'place_levels' => [],
        ]);
        foreach (Role::cases() as $role) {
            RoleRow::findOrCreate($role->value);
        }
        TaskKind::ofApprovals();
        Audit::record($by, 'house', 'begun', "began the house {$name}", $house);
    }

    private function given(mixed $value, string $question): string
    {
        $answer = $value ?? ($this->input->isInteractive() ? $this->ask($question) : null);

        return is_string($answer) ? trim($answer) : '';
    }

    private function refuse(string $why): int
    {
        $this->error($why);

        return 2;
    }
}
