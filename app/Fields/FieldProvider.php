<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\House\House;
use OpenBaton\Core\Criteria\Field;

/** Gives some of the fields that criteria may ask about: what there is, and what a task has in them. */
interface FieldProvider
{
    /** @return list<Field> as the house has them now; reads the database */
    public function fields(House $house): array;

    /**
     * Values by path, of the types that the fields say; null where there is none.
     *
     * @return array<string, string|int|float|bool|list<string>|null>
     */
    public function values(TaskContent $task, FieldContext $context): array;
}
