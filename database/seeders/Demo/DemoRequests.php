<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Models\Customers\Customer;
use App\Models\Tasks\TaskSource;
use OpenBaton\Core\Document\Duration;
use Random\Randomizer;

/** Invents the requests that come to the house. */
final class DemoRequests
{
    /** How often each kind comes, of a thousand. */
    private const MIX = [
        'bench-repair' => 250,
        'diagnosis' => 130,
        'rush-repair' => 55,
        'quote' => 150,
        'call-back' => 130,
        'fitting' => 55,
        'tuning-visit' => 85,
        'insurer-claim' => 40,
        'invoice' => 45,
        'return-inspection' => 35,
        'stock-count' => 25,
    ];

    /** @var array<string, list<Customer>> by tier */
    private array $customers = [];

    public function __construct(private readonly Randomizer $random)
    {
        foreach (Customer::query()->with('contacts')->orderBy('slug')->get() as $customer) {
            $this->customers[$customer->tier][] = $customer;
        }
    }

    public function next(): DemoRequest
    {
        $dice = $this->random->getInt(1, array_sum(self::MIX));
        foreach (self::MIX as $kind => $share) {
            $dice -= $share;
            if ($dice <= 0) {
                return $this->request($kind);
            }
        }

        return $this->request('call-back');
    }

    public function request(string $kind, ?string $family = null, ?string $tier = null): DemoRequest
    {
        $customer = $this->one($this->customers[$tier ?? $this->tier($kind)]);
        $facts = [];
        $estimate = null;
        if (in_array($kind, ['bench-repair', 'rush-repair', 'diagnosis', 'rework', 'quality-check'], true)) {
            $family ??= $this->one(['brass', 'brass', 'brass', 'woodwind', 'woodwind', 'strings', 'strings', 'keys']);
            $instrument = $this->one(DemoTrade::INSTRUMENTS[$family]);
            $facts = [
                'task.family' => $family,
                'task.instrument' => $instrument,
                'task.value' => $this->random->getInt(4, 90) * 10,
            ];
            $title = ucfirst($instrument) . ', ' . $this->one(DemoTrade::FAULTS[$family]);
            $estimate = $kind === 'bench-repair' ? $this->random->getInt(3, 14) * 20 : null;
            if ($kind === 'bench-repair' && $this->random->getInt(1, 12) === 1) {
                $facts['task.cost'] = $this->random->getInt(41, 90) * 10;
            }
            if ($kind === 'rush-repair') {
                $facts['task.rush'] = true;
            }
        } else {
            $title = $this->title($kind, $customer);
        }
        if (in_array($kind, ['quote', 'call-back'], true)) {
            $facts['task.language'] = $this->one([
                'english',
                'english',
                'english',
                'english',
                'english',
                'irish',
                'finnish',
                'french',
            ]);
        }

        return $this->incoming($kind, $title, $customer, $facts, $estimate);
    }

    /** @param array<string, mixed> $facts */
    public function incoming(
        string $kind,
        string $title,
        Customer $customer,
        array $facts,
        ?int $estimate = null,
    ): DemoRequest {
        return new DemoRequest(
            $this->one([
                TaskSource::WebForm,
                TaskSource::WebForm,
                TaskSource::WebForm,
                TaskSource::ByHand,
                TaskSource::Api,
            ]),
            $kind,
            $estimate,
            [
                'title' => $title,
                'kind' => $kind,
                'customer' => $customer->slug,
                'contact' => $customer->loadMissing('contacts')->contacts->first()?->email,
                'estimate' => $estimate === null ? null : Duration::format($estimate),
                'fields' => $facts,
            ],
        );
    }

    public function customerNamed(string $name): Customer
    {
        return Customer::query()->with('contacts')->where('name', $name)->firstOrFail();
    }

    private function title(string $kind, Customer $customer): string
    {
        $instrument = $this->one(DemoTrade::INSTRUMENTS[$this->one(array_keys(DemoTrade::INSTRUMENTS))]);

        return match ($kind) {
            'quote' => 'Hire of ' . $this->random->getInt(1, 12) . ' × ' . $instrument,
            'call-back' => 'Call back about ' . self::withArticle($instrument),
            'fitting' => 'Fitting, ' . $instrument,
            'tuning-visit' => 'Tuning, ' . $this->random->getInt(1, 4) . ' pianos',
            'insurer-claim' => 'Claim for ' . self::withArticle($instrument),
            'invoice' => 'Invoice for the term, ' . $customer->name,
            'return-inspection' => 'Returned ' . $instrument,
            default => 'Count of the ' . $instrument . ' shelf',
        };
    }

    private function tier(string $kind): string
    {
        return $kind === 'tuning-visit'
            ? 'school'
            : $this->one(['school', 'school', 'school', 'ensemble', 'private', 'private']);
    }

    /**
     * @template T
     *
     * @param list<T> $from
     *
     * @return T
     */
    private function one(array $from): mixed
    {
        return $from[$this->random->getInt(0, count($from) - 1)];
    }

    private static function withArticle(string $instrument): string
    {
        return (preg_match('/^(?!eu)[aeiou]/', $instrument) === 1 ? 'an ' : 'a ') . $instrument;
    }
}
