<?php

declare(strict_types=1);

namespace App\Duties;

use App\Bridge\Snapshot;
use App\Models\Customers\Customer;
use Closure;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\DutyFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Duty\Duty;

/** Reads the document of a duty. */
final class ReadDuty
{
    /**
     * Held against the house as it is.
     *
     * @throws DocumentError with all that is wrong with it
     */
    public static function checked(Node $document, Snapshot $house): Duty
    {
        return self::ofCustomers(
            $document,
            $house,
            static fn(string $slug): bool => Customer::query()->offered()->where('slug', $slug)->exists(),
        );
    }

    /**
     * As checked, where it is known which customers there are.
     *
     * @param Closure(string): bool $isCustomer
     *
     * @throws DocumentError with all that is wrong with it
     */
    public static function ofCustomers(Node $document, Snapshot $house, Closure $isCustomer): Duty
    {
        $duty = (new DutyFormat($house->ruleContext()))->read($document);
        $slug = $duty->template->customer;
        if ($slug !== null && !$isCustomer($slug)) {
            throw $document->get('task')->get('customer')->fail('There is no customer "{slug}".', slug: $slug);
        }

        return $duty;
    }

    /** As it was saved, whatever has become since of those whom it names. */
    public static function kept(Node $document, Snapshot $house): Duty
    {
        return (new DutyFormat($house->keptContext()))->read($document);
    }
}
