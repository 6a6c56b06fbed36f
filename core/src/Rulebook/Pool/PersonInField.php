<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;

/** The person whom a field of the subject names; where several hold a task, all of those. */
final readonly class PersonInField implements Pool
{
    private const ASSIGNEE = 'task.assignee';

    public function __construct(public string $field) {}

    public static function kind(): string
    {
        return 'field';
    }

    public static function parameters(): array
    {
        return [Parameter::required('field', new FieldReference(FieldType::Person))];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $ids = [$facts->text($this->field), ...$this->field === self::ASSIGNEE ? $facts->together : []];
        $members = [];
        foreach ($ids as $id) {
            if ($id !== null && isset($roster->people[$id])) {
                $members[] = new Membership($id);
            }
        }

        return $members;
    }

    public function namesOne(): bool
    {
        return true;
    }
}
