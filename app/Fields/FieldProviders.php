<?php

declare(strict_types=1);

namespace App\Fields;

use App\Intake\IncomingTask;
use App\Models\House;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Subject\Subject;

/** All fields of a house, in the order in which they are offered. Where they come from is known here alone. */
final readonly class FieldProviders
{
    /** @var list<FieldProvider> */
    private array $providers;

    public function __construct(TaskFields $task, CustomerFields $customer, PlaceFields $place, HouseFields $house)
    {
        $this->providers = [$task, $customer, $place, $house];
    }

    public function catalogue(House $house): FieldCatalogue
    {
        return new FieldCatalogue(array_merge(...array_map(static fn(FieldProvider $provider): array => $provider->fields($house), $this->providers)));
    }

    /** @param int $at instant of the event */
    public function facts(IncomingTask $task, Subject $subject, FieldContext $context, int $at): Facts
    {
        $values = [];
        foreach ($this->providers as $provider) {
            foreach ($provider->values($task, $subject, $context) as $path => $value) {
                if ($value !== null && $context->catalogue->find($path) !== null) {
                    $values[$path] = $value;
                }
            }
        }

        return new Facts($values, $context->zone->dateAt($at));
    }
}
