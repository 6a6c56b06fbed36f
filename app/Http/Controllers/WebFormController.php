<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeInTask;
use App\Models\Customer;
use App\Models\CustomField;
use App\Models\TaskKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/** A stand-in for the form on the website of the demo house. It sends what is written through the same intake as every other system. */
final class WebFormController
{
    /** What a customer may ask for. */
    private const KINDS = ['bench-repair' => 'A repair', 'rush-repair' => 'A rush repair', 'quote' => 'The price of a hire', 'call-back' => 'A call back', 'tuning-visit' => 'A tuning visit', 'fitting' => 'A fitting'];

    public function show(): View
    {
        return view('web-form', [
            'kinds' => array_intersect_key(self::KINDS, TaskKind::query()->pluck('name', 'slug')->all()),
            'customers' => Customer::query()->orderBy('name')->pluck('name', 'slug')->all(),
            'families' => CustomField::query()->where('path', 'task.family')->value('options') ?? [],
            'languages' => CustomField::query()->where('path', 'task.language')->value('options') ?? [],
        ]);
    }

    public function store(Request $request, TakeInTask $takeIn): RedirectResponse
    {
        try {
            $taken = $takeIn(Node::root($this->document($request)), 'web_form', null);
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
        $text = static fn(string $name): ?string => $request->filled($name) ? trim($request->string($name)->toString()) : null;
        $fields = [
            'task.family' => $text('family'),
            'task.instrument' => $text('instrument'),
            'task.value' => is_numeric($text('value')) ? 0 + $text('value') : $text('value'),
            'task.language' => $text('language'),
            'task.rush' => $text('kind') === 'rush-repair' ? true : null,
        ];

        return array_filter([
            'title' => $text('title'),
            'kind' => $text('kind'),
            'customer' => $text('customer'),
            'contact' => $text('contact'),
            'description' => $text('description'),
            'fields' => array_filter($fields, static fn(mixed $value): bool => $value !== null),
        ], static fn(mixed $value): bool => $value !== null && $value !== []);
    }

    private function input(Fault $fault): string
    {
        return match (true) {
            str_starts_with($fault->pointer, '/fields/task.') => substr($fault->pointer, strlen('/fields/task.')),
            $fault->pointer === '' => str_contains($fault->reason, '"title"') ? 'title' : 'kind',
            default => ltrim($fault->pointer, '/'),
        };
    }
}
