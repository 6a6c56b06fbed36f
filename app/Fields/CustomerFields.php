<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\House\House;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Subject\Effect\OwnerGiven;

/** What is known of the customer for whom a task is. */
final readonly class CustomerFields implements FieldProvider
{
    public function __construct(private Words $words) {}

    public function fields(House $house): array
    {
        $tiers = $house->tiers();

        return [
            new Field('customer.name', $this->words->say('field.customer.name'), FieldType::Text),
            new Field(OwnerGiven::FIELD, $this->words->say('field.customer.owner'), FieldType::Person),
            ...$tiers === []
                ? []
                : [new Field('customer.tier', $this->words->say('field.customer.tier'), FieldType::OneOf, $tiers)],
        ];
    }

    public function values(TaskContent $task, FieldContext $context): array
    {
        return [
            'customer.name' => $task->customer?->name,
            'customer.tier' => $task->customer?->tier,
            OwnerGiven::FIELD => $task->customer?->owner,
        ];
    }
}
