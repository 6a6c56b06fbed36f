<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeInTask;
use App\Intake\TaskSource;
use App\Models\Customer;
use App\Models\CustomField;
use App\Models\House;
use App\Models\TaskKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/**
 * A stand-in for the form on the website of a house: it asks for what the house
 * offers there, and sends it through the same intake as every other system.
 */
final class WebFormController
{
    public function show(): View
    {
        return view('web-form', [
            'house' => (string) House::query()->firstOrFail()->name,
            'kinds' => $this->kinds()->pluck('form_label', 'slug')->all(),
            'customers' => Customer::query()->orderBy('name')->pluck('name', 'slug')->all(),
            'fields' => $this->fields(),
            'currency' => config()->string('baton.currency'),
        ]);
    }

    public function store(Request $request, TakeInTask $takeIn): RedirectResponse
    {
        try {
            $taken = $takeIn(Node::root($this->document($request)), TaskSource::WebForm, null);
        } catch (DocumentError $error) {
            $messages = [];
            foreach ($error->faults as $fault) {
                $messages[$this->input($fault)] = $fault->reason;
            }

            return back()->withInput()->withErrors($messages);
        }

        return redirect('/stand-ins/web-form')->with('number', $taken->task->number);
    }

    /** @return array<string, mixed> the document that another system would send */
    private function document(Request $request): array
    {
        $request->validate(array_map(static fn(mixed $value): array => ['nullable', 'string'], $request->request->all()));
        $text = static fn(string $name): ?string => $request->filled($name) ? trim($request->string($name)->toString()) : null;
        $fields = [];
        foreach ($this->fields() as $field) {
            $value = $text(self::inputName($field->path));
            $numeric = in_array(FieldType::from($field->type), [FieldType::Number, FieldType::Money], true) && is_numeric($value);
            $fields[$field->path] = match (true) {
                $field->type === FieldType::YesNo->value => $value === null ? null : true,
                $numeric => 0 + $value,
                default => $value,
            };
        }
        $kind = $text('kind');
        // What comes with the kind, such as that a rush repair is a rush.
        $fields = ($this->kinds()->firstWhere('slug', $kind)->form_facts ?? []) + $fields;

        return array_filter([
            'title' => $text('title'),
            'kind' => $kind,
            'customer' => $text('customer'),
            'contact' => $text('contact'),
            'description' => $text('description'),
            'fields' => array_filter($fields, static fn(mixed $value): bool => $value !== null),
        ], static fn(mixed $value): bool => $value !== null && $value !== []);
    }

    /** @return Collection<int, TaskKind> the kinds that are offered */
    private function kinds(): Collection
    {
        return TaskKind::query()->whereNotNull('form_label')->orderBy('position')->get();
    }

    /** @return Collection<int, CustomField> the fields that are asked for */
    private function fields(): Collection
    {
        return CustomField::query()->whereNotNull('form_label')->orderBy('position')->get();
    }

    /** Names of inputs have no dots. */
    public static function inputName(string $path): string
    {
        return str_replace('.', '_', $path);
    }

    private function input(Fault $fault): string
    {
        return match (true) {
            str_starts_with($fault->pointer, '/fields/') => self::inputName(explode('/', $fault->pointer)[2]),
            $fault->pointer === '' => str_contains($fault->reason, '"title"') ? 'title' : 'kind',
            default => ltrim($fault->pointer, '/'),
        };
    }
}
