<?php

declare(strict_types=1);

namespace App\Customers;

use App\Tables\Cards;
use Sabre\VObject\Component\VCard;

/** A customer as a card of an address book: an organisation with somebody who speaks for it, or a person. */
final class CustomerCard
{
    /** @param array<string, mixed> $contact the usual one, as {@see SaveCustomer::contacts()} gives it */
    public static function write(string $name, array $contact): string
    {
        $text = static fn(string $member): string => is_string($contact[$member] ?? null) ? $contact[$member] : '';
        $speaks = $text('name');
        $card = new VCard(
            array_filter([
                'VERSION' => '4.0',
                'FN' => $speaks === '' ? $name : $speaks,
                'ORG' => $speaks === '' ? '' : $name,
                'TITLE' => $text('role'),
                'EMAIL' => $text('email'),
                'TEL' => $text('phone'),
            ]),
        );

        return $card->serialize();
    }

    /** @return array<string, string> by columns of the table of customers; what is empty is not said */
    public static function cells(VCard $card): array
    {
        $called = Cards::text($card, 'FN');
        $house = Cards::text($card, 'ORG');
        $speaks = $house !== '' && $called !== $house;

        return [
            'name' => $house === '' ? $called : $house,
            'contact' => $speaks ? $called : '',
            'contact_role' => $speaks ? Cards::text($card, 'TITLE', 'ROLE') : '',
            'contact_email' => Cards::text($card, 'EMAIL'),
            'contact_phone' => Cards::telephone($card),
        ];
    }
}
