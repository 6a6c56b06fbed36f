<?php

declare(strict_types=1);

namespace App\Http\Requests\Intake;

use App\Http\Requests\InputRequest;
use App\Models\House\CustomField;
use App\Models\Tasks\TaskKind;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\TextLimits;

/**
 * What somebody whom nobody knows asks for: of the kinds and customers that the house offers, and no more than a
 * letter.
 */
final class WebFormRequest extends InputRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $own = CustomField::onTheForm()
            ->map(static fn(CustomField $field): string => self::inputName($field->path))
            ->all();

        return [
            'kind' => ['required', 'string', Rule::exists('task_kinds', 'slug')->whereNotNull('form_label')],
            // What is missing, and of the wrong type, the document says with all else.
            'title' => ['nullable', 'string', 'max:' . TextLimits::TITLE],
            'customer' => ['nullable', 'string', Rule::exists('customers', 'slug')->where('on_form', true)],
            'contact' => ['nullable', 'string', 'max:' . TextLimits::TITLE],
            'description' => ['nullable', 'string', 'max:' . TextLimits::PROSE],
        ] + array_fill_keys($own, ['nullable', 'string', 'max:' . TextLimits::NAME]);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'Choose one of what we offer.',
            'customer.*' => 'Choose one of the list, or none.',
        ];
    }

    /** @return array<string, mixed> the document that another system would send */
    public function document(): array
    {
        $fields = [];
        foreach (CustomField::onTheForm() as $field) {
            $value = $this->text(self::inputName($field->path));
            $numeric =
                in_array(FieldType::from($field->type), [FieldType::Number, FieldType::Money], true) &&
                is_numeric($value);
            $fields[$field->path] = match (true) {
                $field->type === FieldType::YesNo->value => $value === null ? null : true,
                $numeric => 0 + $value,
                default => $value,
            };
        }
        // What comes with the kind, such as that a rush repair is a rush.
        $fields = (TaskKind::query()->where('slug', $this->text('kind'))->first()->form_facts ?? []) + $fields;

        return array_filter(
            [
                'title' => $this->text('title'),
                'kind' => $this->text('kind'),
                'customer' => $this->text('customer'),
                'contact' => $this->text('contact'),
                'description' => $this->text('description'),
                'fields' => array_filter($fields, static fn(mixed $value): bool => $value !== null),
            ],
            static fn(mixed $value): bool => $value !== null && $value !== [],
        );
    }

    private function text(string $name): ?string
    {
        return $this->filled($name) ? trim($this->string($name)->toString()) : null;
    }

    /** Names of inputs have no dots. */
    public static function inputName(string $path): string
    {
        return str_replace('.', '_', $path);
    }
}
