<?php

declare(strict_types=1);

namespace App\Customers;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\House\House;

/** Says in which words customers read where their request is; what is left empty goes by the product's own. */
final class SaveCustomerWords
{
    /** @param array<string, string> $words by status */
    public function __invoke(array $words, Actor $by): House
    {
        return ChangeHouse::set('customer_words_saved', 'changed what customers read', $by, [
            'customer_words' => $words === [] ? null : $words,
        ]);
    }
}
