<?php

declare(strict_types=1);

namespace App\Tables;

use App\Models\Customers\Customer;
use OpenBaton\Core\Document\DocumentError;

/** What people write in a table where documents have ids: an id itself, or a name that is one's alone. */
final class Names
{
    /** @var array<string, list<string>> ids by id, and by name in small letters */
    private array $ids = [];

    /**
     * @param list<string> $named
     *
     * @return self customers that are offered, of those that have one of the names
     */
    public static function ofCustomers(array $named): self
    {
        $names = new self();
        foreach (
            Customer::query()
                ->offered()
                ->whereIn('name', $named)
                ->get(['slug', 'name'])
            as $customer
        ) {
            $names->add((string) $customer->slug, (string) $customer->name);
        }

        return $names;
    }

    public function add(string $id, string $name): void
    {
        foreach (array_unique([$id, mb_strtolower($name)]) as $one) {
            $this->ids[$one][] = $id;
        }
    }

    /**
     * @param list<string> $given
     *
     * @return list<string> the ids that these may be; what is not known stays as it is
     */
    public function all(array $given): array
    {
        $ids = array_map(fn(string $one): array => $this->found($one) ?: [$one], $given);

        return array_values(array_unique(array_merge(...$ids)));
    }

    /**
     * @return string the id; what is not known stays as it is, and is refused wherever it is read
     *
     * @throws DocumentError where it is the name of several
     */
    public function one(string $given, string $at): string
    {
        $found = $this->found($given);

        return match (count($found)) {
            0 => $given,
            1 => $found[0],
            default => throw DocumentError::at($at, 'There are several called "{given}"; give the id.', given: $given),
        };
    }

    /** @return list<string> */
    private function found(string $given): array
    {
        return $this->ids[$given] ?? ($this->ids[mb_strtolower($given)] ?? []);
    }
}
