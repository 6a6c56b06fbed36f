<?php

declare(strict_types=1);

namespace App\Customers;

/**
 * What is said of a customer; what is left out stays as it is.
 *
 * @phpstan-type Contact array{name: string|null, role: string|null, email: string|null, phone: string|null}
 */
final readonly class CustomerTerms
{
    /**
     * @param array<string, string|bool|list<string>|null>                    $columns  of the row
     * @param array<string, string|int|float|bool|list<string>|null>          $values   by path; null: emptied
     * @param array<string, mixed>                                            $facts    those of them that the house
     *     has added, as documents have them
     * @param list<Contact>|null                                              $contacts the usual one first
     * @param string|null                                                     $retiredPlace name of the place where
     *     they are to be, if it is retired: only who is there stays there
     */
    public function __construct(
        public array $columns = [],
        public array $values = [],
        public array $facts = [],
        public ?array $contacts = null,
        public ?string $retiredPlace = null,
    ) {}
}
