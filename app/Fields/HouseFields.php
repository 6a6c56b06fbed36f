<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\House\CustomField;
use App\Models\House\House;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\ValueCodec;

/** The fields that the house has added to its tasks and customers. */
final readonly class HouseFields implements FieldProvider
{
    public function fields(House $house): array
    {
        return array_values(
            CustomField::query()
                ->orderBy('position')
                ->get()
                ->map(static function (CustomField $custom): Field {
                    /** @var array<string, string> $options */
                    $options = $custom->options ?? [];

                    return new Field(
                        $custom->path,
                        $custom->label,
                        FieldType::from($custom->type),
                        $options,
                        $custom->retired_at !== null,
                        $custom->retiredOptions(),
                    );
                })
                ->all(),
        );
    }

    public function values(TaskContent $task, FieldContext $context): array
    {
        return ValueCodec::known($task->facts + ($task->customer->facts ?? []), $context->catalogue);
    }
}
