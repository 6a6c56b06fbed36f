<?php

declare(strict_types=1);

namespace App\Http\Requests\Intake;

use App\Fields\AskedField;
use App\Http\Requests\InputRequest;
use App\Models\Customers\Customer;
use App\Models\House\CustomField;
use App\Models\House\House;
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
            'customer_name' => ['nullable', 'string', 'max:' . TextLimits::NAME],
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
        $kind = $this->kind();
        $asks = AskedField::list($kind?->asks);
        $typed = $this->typedCustomer();
        foreach (CustomField::onTheForm() as $field) {
            if ($asks !== null && !in_array($field->path, array_column($asks, 'path'), true)) {
                continue;
            }
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
        $fields = ($kind->form_facts ?? []) + $fields;

        return array_filter(
            [
                'title' => $this->text('title'),
                'kind' => $this->text('kind'),
                'customer' => $this->text('customer') ?? $typed,
                'contact' => $this->contact($typed),
                'description' => $this->text('description'),
                'fields' => array_filter($fields, static fn(mixed $value): bool => $value !== null),
            ],
            static fn(mixed $value): bool => $value !== null && $value !== [],
        );
    }

    /** @return string|null the track on which a case opens with it, by slug */
    public function track(): ?string
    {
        return $this->kind()?->formTrack?->slug;
    }

    private function kind(): ?TaskKind
    {
        return TaskKind::query()->where('slug', $this->text('kind'))->first();
    }

    /** @return string|null the customer whose name was typed, where the house asks so and knows one of that name */
    private function typedCustomer(): ?string
    {
        $name = $this->text('customer_name');
        if ($name === null || House::query()->firstOrFail()->form_customers !== 'typed') {
            return null;
        }
        $found = Customer::query()->offered()->where('name', $name)->limit(2)->pluck('slug')->all();

        return count($found) === 1 && is_string($found[0]) ? $found[0] : null;
    }

    /** How they are reached; a name that nobody is known by goes before it. */
    private function contact(?string $known): ?string
    {
        $parts = array_filter([$known === null ? $this->text('customer_name') : null, $this->text('contact')]);

        return $parts === [] ? null : mb_substr(implode(', ', $parts), 0, TextLimits::TITLE);
    }

    private function text(string $name): ?string
    {
        return $this->filled($name) ? $this->line($name) : null;
    }

    /** Names of inputs have no dots. */
    public static function inputName(string $path): string
    {
        return str_replace('.', '_', $path);
    }
}
