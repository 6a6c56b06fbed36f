<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\People\Place;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Random\Randomizer;

/** Lays out the regions, districts and schools, and the customers in them. */
final class DemoPlaces
{
    /** @var array<string, string> */
    private array $people = [];

    public function __construct(private readonly Randomizer $random)
    {
        foreach (Person::query()->get(['id', 'slug']) as $person) {
            $this->people[$person->slug] = $person->id;
        }
    }

    public function lay(): void
    {
        foreach (DemoTrade::REGIONS as $slug => [$name, $districts]) {
            $region = Place::query()->create(['slug' => $slug, 'name' => $name, 'level' => 'region']);
            foreach ($districts as $districtSlug => $districtName) {
                $this->district($region, $districtSlug, $districtName);
            }
        }
        foreach (DemoTrade::ENSEMBLES as $number => $name) {
            $this->customer(
                $name,
                'ensemble',
                Place::query()->where('level', 'district')->orderBy('slug')->skip($number)->firstOrFail(),
            );
        }
        foreach (DemoTrade::FIRST_NAMES as $number => $first) {
            $last = DemoTrade::LAST_NAMES[($number * 7 + 3) % count(DemoTrade::LAST_NAMES)];
            $this->customer(
                "{$first} {$last}",
                'private',
                Place::query()
                    ->where('level', 'district')
                    ->orderBy('slug')
                    ->skip($number % 9)
                    ->firstOrFail(),
            );
        }
    }

    private function district(Place $region, string $slug, string $name): void
    {
        [$responsible, $deputy] = DemoTrade::DISTRICT_PEOPLE[$slug];
        $district = Place::query()->create([
            'slug' => $slug,
            'name' => $name,
            'level' => 'district',
            'parent_id' => $region->id,
            'responsible_id' => $this->people[$responsible],
            'deputy_id' => $this->people[$deputy],
        ]);
        foreach ($this->random->pickArrayKeys(DemoTrade::SCHOOL_NAMES, 4 + $this->random->getInt(0, 1)) as $key) {
            $school = DemoTrade::SCHOOL_NAMES[$key];
            $place = Place::query()->create([
                'slug' => Str::slug("{$name} {$school}"),
                'name' => "{$name} {$school}",
                'level' => 'school',
                'parent_id' => $district->id,
            ]);
            $this->customer($place->name, 'school', $place);
        }
    }

    private function customer(string $name, string $tier, Place $place): void
    {
        $customer = Customer::query()->create([
            'slug' => Str::slug($name),
            'name' => $name,
            'tier' => $tier,
            'place_id' => $place->id,
            // Who plays at home is nobody's business.
            'on_form' => $tier !== 'private',
        ]);
        $number = crc32($name) % 10_000;
        $customer->contacts()->create([
            'email' => Str::slug($name, '.') . '@selwyn.example',
            // Some have not said how to reach them by telephone.
            'phone' => $number % 6 === 0 ? null : sprintf('+999 55 %04d', $number),
        ]);
    }

    /** Who hires, until when, and who looks after them. */
    public function hires(CarbonImmutable $today): void
    {
        $owners = ['oona-varga', 'ines-falcao', 'ronan-breathnach', 'elina-saarinen'];
        $days = [-12, -3, 4, 9, 15, 19, 22, 31, 40, 55, 70, 90];
        foreach (
            Customer::query()
                ->whereIn('tier', ['school', 'ensemble'])
                ->orderBy('slug')
                ->limit(count($days))
                ->get()
            as $place => $customer
        ) {
            $owner = $this->people[$owners[$place % count($owners)]] ?? array_values($this->people)[$place];
            $customer->update([
                'owner_id' => $owner,
                'facts' => ['customer.hire_ends' => $today->addDays($days[$place])->format('Y-m-d')],
            ]);
        }
    }
}
