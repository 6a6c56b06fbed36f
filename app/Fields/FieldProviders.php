<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\House\House;
use App\Models\Tasks\TaskSource;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Subject\CaseFields as Cases;
use OpenBaton\Core\Subject\StateFields;

/** All fields of a house, in the order in which they are offered. Where they come from is known here alone. */
final readonly class FieldProviders
{
    /** @var list<FieldProvider> */
    private array $providers;

    public function __construct(
        TaskFields $task,
        CustomerFields $customer,
        PlaceFields $place,
        CaseFields $case,
        HouseFields $house,
        MomentFields $moment,
    ) {
        $this->providers = [$task, $case, $customer, $place, $house, $moment];
    }

    public function catalogue(House $house): FieldCatalogue
    {
        return new FieldCatalogue(
            array_merge(
                ...array_map(static fn(FieldProvider $provider): array => $provider->fields($house), $this->providers),
            ),
        );
    }

    /**
     * What criteria see of a customer; of nobody: empty.
     *
     * @return array<string, string|int|float|bool|list<string>|null> by path
     */
    public function ofCustomer(?KnownCustomer $customer, TaskSource $source, FieldContext $context): array
    {
        $with = $this->values(new TaskContent('', null, $source, $customer, []), $context);
        $values = [];
        foreach ($context->catalogue->fields as $path => $field) {
            if (!str_starts_with($path, StateFields::PREFIX) && !str_starts_with($path, Cases::PREFIX)) {
                $values[$path] = $with[$path] ?? null;
            }
        }

        return $values;
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
