<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use Closure;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\CustomerFields;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\World\Arrives;
use OpenBaton\Core\World\Changes;
use OpenBaton\Core\World\Happening;
use OpenBaton\Core\World\WorldState;

/** Reads what happens to customers in a world. */
final class CustomerHappenings
{
    private const ADDED = 'customer_added';
    private const CHANGES = 'customer_changes';
    public const KINDS = [self::ADDED, self::CHANGES];

    private readonly CustomerFormat $format;

    /** @param array<array-key, true> $told by id, those that were told of by then */
    public function __construct(
        private readonly Roster $roster,
        private readonly Rulebook $rulebook,
        private array $told,
    ) {
        $this->format = new CustomerFormat($rulebook->fields, $roster);
    }

    /** @throws DocumentError */
    public function read(string $kind, string $id, int $at, Node $node): ?Happening
    {
        return match ($kind) {
            self::ADDED => $this->added($id, $at, $node),
            self::CHANGES => $this->changes($id, $at, $node),
            default => null,
        };
    }

    private function added(string $id, int $at, Node $node): Arrives
    {
        $node->only(['id', 'kind', 'at', 'customer']);
        $customer = $this->format->read($node->get('customer'), $at);
        if (isset($this->told[$customer->id])) {
            throw $node->get('customer')->get('id')->fail('"{id}" was added already.', id: $customer->id);
        }
        $this->told[$customer->id] = true;
        $facts = new ChangeFacts($this->roster, Lookups::ofRulebook($this->rulebook));

        return new Arrives(new ChangeSet($id, $at, null, $customer, $facts->of(null, $customer, $at)));
    }

    /** @return Changes<CustomerSubject> */
    private function changes(string $id, int $at, Node $node): Changes
    {
        $node->only(['id', 'kind', 'at', 'customer', 'facts', 'owner', 'tags_on', 'tags_off', 'retired']);
        $customerId = $node->get('customer')->line(TextLimits::ID);

        return new Changes(
            $id,
            $at,
            static fn(WorldState $state): array => array_values(array_filter([$state->customer($customerId)])),
            $this->edit($node),
        );
    }

    /** @return Closure(CustomerSubject): CustomerSubject */
    private function edit(Node $node): Closure
    {
        $facts = $node->has('facts')
            ? TaskEditFormat::facts($node->get('facts'), $this->rulebook->fields, $this->roster)
            : [];
        $edit = SubjectEdit::read($node, $this->roster);
        $retired = $node->find('retired')?->bool();

        return static function (CustomerSubject $customer) use ($facts, $edit, $retired): CustomerSubject {
            foreach ($facts as $path => $value) {
                $customer =
                    $path === CustomerFields::OWNER
                        ? $customer->heldBy(is_string($value) ? $value : null)
                        : $customer->withField($path, $value);
            }
            $customer = $edit->on($customer);

            return $retired === null ? $customer : $customer->with(['retired' => $retired]);
        };
    }
}
