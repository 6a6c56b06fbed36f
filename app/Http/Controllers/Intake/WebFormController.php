<?php

declare(strict_types=1);

namespace App\Http\Controllers\Intake;

use App\Customers\LinkCustomer;
use App\Http\Requests\Intake\WebFormRequest;
use App\Intake\TakeInTask;
use App\Models\Customers\Customer;
use App\Models\House\CustomField;
use App\Models\House\House;
use App\Models\Tasks\TaskKind;
use App\Models\Tasks\TaskSource;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Criteria\Fault;
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
            'kinds' => TaskKind::query()
                ->whereNotNull('form_label')
                ->orderBy('position')
                ->pluck('form_label', 'slug')
                ->all(),
            'customers' => Customer::query()->where('on_form', true)->orderBy('name')->pluck('name', 'slug')->all(),
            'fields' => CustomField::onTheForm(),
            'currency' => config()->string('baton.currency'),
        ]);
    }

    public function store(WebFormRequest $request, TakeInTask $takeIn, LinkCustomer $link): RedirectResponse
    {
        try {
            [$taken, $secret] = DB::transaction(static function () use ($request, $takeIn, $link): array {
                $taken = $takeIn(Node::root($request->document()), TaskSource::WebForm, null);

                return [$taken, $link($taken->task->id)];
            }, attempts: 3);
        } catch (DocumentError $error) {
            $messages = [];
            foreach ($error->faults as $fault) {
                $messages[$this->input($fault)] = app(Words::class)->fault($fault);
            }

            return back()->withInput()->withErrors($messages);
        }

        return redirect('/stand-ins/web-form')
            ->with('number', $taken->task->number)
            ->with('address', url("/requests/{$secret}"));
    }

    private function input(Fault $fault): string
    {
        return match (true) {
            str_starts_with($fault->pointer, '/fields/') => WebFormRequest::inputName(explode('/', $fault->pointer)[2]),
            default => $fault->missing ?? ltrim($fault->pointer, '/'),
        };
    }
}
