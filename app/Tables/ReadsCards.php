<?php

declare(strict_types=1);

namespace App\Tables;

use Sabre\VObject\Component\VCard;

/** Of a kind that comes in as cards of an address book, too. */
interface ReadsCards
{
    /** @return array<string, string> what a card says, by the code of the column that would say it */
    public function card(VCard $card): array;
}
