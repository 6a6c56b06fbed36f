<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\House\SaveField;
use App\Models\House\CustomField;
use App\Words\Words;
use Closure;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\TextLimits;

/** A field of tasks, customers or people that the house defines, or changes. */
final class FieldRequest extends HouseRequest
{
    private const MOST_OPTIONS = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $options = [
            'options' => ['array', 'max:' . self::MOST_OPTIONS],
            'options.*.value' => [
                'required',
                'string',
                'max:' . TextLimits::SHORT_NAME,
                'regex:/^[a-z0-9][a-z0-9_-]*$/',
                'distinct',
            ],
            'options.*.label' => ['required', 'string', 'max:' . TextLimits::LABEL],
        ];
        if ($this->field() !== null) {
            return ['label' => ['required', 'string', 'max:' . TextLimits::LABEL]] + $options;
        }

        return [
            'of' => ['required', Rule::in(['task', 'customer', 'person'])],
            'label' => ['bail', 'required', 'string', 'max:' . TextLimits::LABEL, $this->isNew(...)],
            'type' => ['required', Rule::enum(FieldType::class)],
            'asked' => ['nullable', 'boolean'],
        ] + ['options' => [Rule::requiredIf(self::isListed($this->input('type'))), ...$options['options']]] +
            $options;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'options.required' => 'Give the values to choose from.',
            'options.*.value.regex' => 'A value has small letters, digits, hyphens and underscores.',
            'options.*.value.distinct' => 'Two values are the same.',
            'options.*.label.required' => 'Give each value its words.',
        ];
    }

    public function field(): ?CustomField
    {
        $field = $this->route('field');

        return $field instanceof CustomField ? $field : null;
    }

    /** @return string of what it is: "task", "customer" or "person" */
    public function of(): string
    {
        return $this->line('of');
    }

    public function label(): string
    {
        return $this->line('label');
    }

    public function type(): string
    {
        return $this->line('type');
    }

    /** @return array<array-key, string>|null label by value; null: the type has none */
    public function options(): ?array
    {
        $type = $this->field() === null ? $this->type() : (string) $this->field()->type;
        if (!self::isListed($type)) {
            return null;
        }
        $options = [];
        foreach ((array) $this->validated('options', []) as $option) {
            if (is_array($option) && is_string($option['value'] ?? null) && is_string($option['label'] ?? null)) {
                $options[$option['value']] = trim($option['label']);
            }
        }

        return $options;
    }

    private static function isListed(mixed $type): bool
    {
        return in_array($type, [FieldType::OneOf->value, FieldType::ManyOf->value], true);
    }

    private function isNew(string $attribute, mixed $value, Closure $fail): void
    {
        $known = array_map(mb_strtolower(...), app(SaveField::class)->labels($this->of()));
        if (in_array(mb_strtolower($this->label()), $known, true)) {
            $fail(app(Words::class)->sentence('There is a field of that name already.'));
        }
    }
}
