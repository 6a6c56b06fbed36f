<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Subject\CustomerFields;
use OpenBaton\Core\Subject\CustomerSubject;

/** Reads customers with their whole state. */
final readonly class CustomerFormat
{
    private const MEMBERS = ['id', 'added', 'owner', 'tags', 'retired', 'facts'];

    public function __construct(private FieldCatalogue $fields, private Roster $roster) {}

    /**
     * @param int $at instant at which it was added, where it does not say
     *
     * @throws DocumentError
     */
    public function read(Node $node, int $at): CustomerSubject
    {
        $node->only(self::MEMBERS);
        $facts = TaskFormat::values($node->find('facts'), $this->fields, $this->roster);
        foreach (array_keys($facts) as $path) {
            if (isset(CustomerFields::TYPES[$path]) || !CustomerFields::isOf($path)) {
                throw $node->get('facts')->fail('"{path}" is not kept as a fact of a customer.', path: $path);
            }
        }

        return new CustomerSubject(
            $node->get('id')->line(TextLimits::ID),
            $node->find('added')?->instant() ?? $at,
            $node->has('owner') ? Known::person($node->get('owner'), $this->roster->people) : null,
            array_map(static fn(Node $tag): string => $tag->line(TextLimits::TAG), $node->itemsOf('tags')),
            $facts,
            $node->find('retired')?->bool() ?? false,
        );
    }
}
