<?php

declare(strict_types=1);

namespace App\Fields;

use App\Intake\IncomingTask;
use App\Models\House;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Subject\Subject;

/** What is known of the customer for whom a task is. */
final readonly class CustomerFields implements FieldProvider
{
    public function __construct(private Words $words) {}

    public function fields(House $house): array
    {
        /** @var array<string, string> $tiers */
        $tiers = $house->customer_tiers ?? [];

        return [
            new Field('customer.name', $this->words->say('field.customer.name'), FieldType::Text),
            ...($tiers === [] ? [] : [new Field('customer.tier', $this->words->say('field.customer.tier'), FieldType::OneOf, $tiers)]),
        ];
    }

    public function values(IncomingTask $task, Subject $subject, FieldContext $context): array
    {
        return ['customer.name' => $task->customer?->name, 'customer.tier' => $task->customer?->tier];
    }
}
