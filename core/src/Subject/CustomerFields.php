<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Time\Zone;

/** Fields whose values follow from the state of a customer; tasks and cases of that customer see them as well. */
final class CustomerFields
{
    public const PREFIX = 'customer.';

    public const OWNER = 'customer.owner';

    public const NAME = 'customer.name';

    public const TAGS = 'customer.tags';

    public const ADDED = 'customer.added';

    /** @var array<string, FieldType> by path */
    public const TYPES = [
        self::OWNER => FieldType::Person,
        self::TAGS => FieldType::Tags,
        self::ADDED => FieldType::Date,
    ];

    /** Whether a customer has it: all that is neither a task's nor a case's, the places where it is among it. */
    public static function isOf(string $path): bool
    {
        return !str_starts_with($path, StateFields::PREFIX) && !str_starts_with($path, CaseFields::PREFIX);
    }

    /**
     * All that criteria and merged texts see of a customer.
     *
     * @return array<string, string|int|float|bool|list<string>> values by path; what is missing is not there
     */
    public static function seen(CustomerSubject $customer, Zone $zone): array
    {
        return array_replace(
            $customer->fields,
            array_filter(
                [
                    self::OWNER => $customer->holderId,
                    self::TAGS => $customer->tags === [] ? null : $customer->tags,
                    self::ADDED => $customer->createdAt === 0 ? null : $zone->dateAt($customer->createdAt)->format(),
                ],
                static fn(mixed $value): bool => $value !== null,
            ),
        );
    }

    /**
     * What tasks and cases of a customer see otherwise after a change.
     *
     * @return array<string, string|int|float|bool|list<string>|null> values by path; null: it is empty now
     */
    public static function changed(CustomerSubject $before, CustomerSubject $after, Zone $zone): array
    {
        [$was, $is] = [self::seen($before, $zone), self::seen($after, $zone)];
        $changed = array_fill_keys(array_keys(array_diff_key($was, $is)), null);
        foreach ($is as $path => $value) {
            if (($was[$path] ?? null) !== $value) {
                $changed[$path] = $value;
            }
        }

        return $changed;
    }
}
