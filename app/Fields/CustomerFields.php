<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\House\House;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Subject\CustomerFields as Kept;

/** What is known of the customer for whom a task is. */
final readonly class CustomerFields implements FieldProvider
{
    public function __construct(private Words $words) {}

    public function fields(House $house): array
    {
        $tiers = $house->tiers();

        return [
            new Field(Kept::NAME, $this->words->say('field.customer.name'), FieldType::Text, derived: true),
            new Field(Kept::OWNER, $this->words->say('field.customer.owner'), FieldType::Person),
            new Field(Kept::TAGS, $this->words->say('field.customer.tags'), FieldType::Tags),
            new Field(Kept::ADDED, $this->words->say('field.customer.added'), FieldType::Date),
            ...$tiers === []
                ? []
                : [new Field('customer.tier', $this->words->say('field.customer.tier'), FieldType::OneOf, $tiers)],
        ];
    }

    public function values(TaskContent $task, FieldContext $context): array
    {
        $customer = $task->customer;

        return $customer === null
            ? []
            : [
                Kept::NAME => $customer->name,
                'customer.tier' => $customer->tier,
                Kept::OWNER => $customer->owner,
                Kept::TAGS => $customer->tags === [] ? null : $customer->tags,
                Kept::ADDED => $customer->addedAt === 0 ? null : $context->zone->dateAt($customer->addedAt)->format(),
            ];
    }
}
