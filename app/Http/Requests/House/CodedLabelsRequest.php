<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\House\CodedLabel;
use App\Http\Requests\Whole;
use OpenBaton\Core\Document\TextLimits;

/** A list of what the house calls something, in its order; what has a code is known already. */
final class CodedLabelsRequest extends HouseRequest
{
    private const MOST = 30;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'labels' => ['present', 'array', 'max:' . self::MOST],
            'labels.*.value' => ['nullable', 'string', 'max:' . TextLimits::SHORT_NAME, 'distinct'],
            'labels.*.label' => ['required', 'string', 'max:' . TextLimits::LABEL, 'distinct:ignore_case'],
            'answering' => ['nullable', new Whole(0, self::MOST)],
        ];
    }

    /** @return list<CodedLabel> */
    public function labels(): array
    {
        $labels = [];
        foreach ((array) $this->validated('labels') as $one) {
            if (is_array($one) && is_string($one['label'] ?? null)) {
                $code = $one['value'] ?? null;
                $labels[] = new CodedLabel(is_string($code) ? $code : null, trim($one['label']));
            }
        }

        return $labels;
    }

    /** @return int|null the place in the list of what answers */
    public function answering(): ?int
    {
        return $this->filled('answering') ? $this->integer('answering') : null;
    }
}
