<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Customers\Customer;
use App\Models\Customers\CustomerContact;
use App\Models\People\Person;
use App\Models\People\Team;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;

/** Where messages go: what the house knows of people, teams and customers, and whoever asked for a task before all. */
final class Addresses
{
    /**
     * @param string|null $contact by which whoever asked for it is reached before all
     *
     * @return Address|null null: they are gone
     */
    public function of(Recipient $recipient, Channel $channel, ?string $contact): ?Address
    {
        return match ($recipient->kind) {
            RecipientKind::Person => ($person = Person::query()->find($recipient->id)) === null
                ? null
                : $this->ofPerson($person, $channel),
            RecipientKind::Team => self::ofTeam(Team::query()->find($recipient->id)),
            RecipientKind::Customer => self::ofCustomer(
                Customer::query()->with('contacts')->find($recipient->id),
                $channel,
                $contact,
            ),
        };
    }

    public function ofPerson(Person $person, Channel $channel): Address
    {
        return new Address(
            $person->name,
            match ($channel) {
                Channel::Mail => $person->email ?? $person->user?->email,
                Channel::Text => $person->phone,
                Channel::Chat => $person->slug,
            },
        );
    }

    private static function ofTeam(?Team $team): ?Address
    {
        return $team === null ? null : new Address($team->name, $team->slug);
    }

    private static function ofCustomer(?Customer $customer, Channel $channel, ?string $contact): ?Address
    {
        if ($customer === null) {
            return null;
        }
        $known = [
            $contact,
            ...$customer->contacts
                ->map(
                    static fn(CustomerContact $one): ?string => $channel === Channel::Mail ? $one->email : $one->phone,
                )
                ->all(),
        ];
        foreach ($known as $one) {
            if (is_string($one) && self::isFor($one, $channel)) {
                return new Address($customer->name, $one);
            }
        }

        return new Address($customer->name, null);
    }

    public static function isFor(string $address, Channel $channel): bool
    {
        return match ($channel) {
            Channel::Mail => filter_var($address, FILTER_VALIDATE_EMAIL) !== false,
            Channel::Text => preg_match('/^\+?[\d\s()\/-]{5,40}$/', $address) === 1,
            Channel::Chat => preg_match('/^[a-z0-9-]{1,120}$/', $address) === 1,
        };
    }
}
