<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\House\House;
use OpenBaton\Core\Criteria\FieldCatalogue;

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
        return new FieldCatalogue(
            array_merge(
                ...array_map(static fn(FieldProvider $provider): array => $provider->fields($house), $this->providers),
            ),
        );
    }

    /** @return array<string, string|int|float|bool|list<string>> values by path; what is missing is not there */
    public function values(TaskContent $task, FieldContext $context): array
    {
        $values = [];
        foreach ($this->providers as $provider) {
            foreach ($provider->values($task, $context) as $path => $value) {
                if ($value !== null && $context->catalogue->find($path) !== null) {
                    $values[$path] = $value;
                }
            }
        }

        return $values;
    }
}
