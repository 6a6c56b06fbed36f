<?php

declare(strict_types=1);

namespace App\Http\Controllers\Intake;

use App\Customers\LinkCustomer;
use App\Fields\AskedField;
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
    private const CUSTOMERS = 500;

    public function show(): View
    {
        $house = House::query()->firstOrFail();
        $kinds = TaskKind::query()->whereNotNull('form_label')->orderBy('position')->get();

        return view('web-form', [
            'house' => (string) $house->name,
            'lead' => $house->form_lead,
            'kinds' => $kinds->pluck('form_label', 'slug')->all(),
            'asks' => $house->form_customers,
            'customers' =>
                $house->form_customers === 'offered'
                    ? Customer::query()
                        ->offered()
                        ->where('on_form', true)
                        ->orderBy('name')
                        ->limit(self::CUSTOMERS)
                        ->pluck('name', 'slug')
                        ->all()
                    : [],
            'fields' => CustomField::onTheForm(),
            // Fields that a kind leaves out are not shown while it is chosen.
            'without' => $kinds->mapWithKeys(static fn(TaskKind $kind): array => [$kind->slug => self::without($kind)]),
            'currency' => config()->string('baton.currency'),
        ]);
    }

    /** @return list<string> paths of fields on the form that tasks of a kind do not have */
    private static function without(TaskKind $kind): array
    {
        $asks = AskedField::list($kind->asks);

        return $asks === null
            ? []
            : array_values(
                array_diff(
                    array_map(static fn(CustomField $one): string => $one->path, CustomField::onTheForm()->all()),
                    array_column($asks, 'path'),
                ),
            );
    }

    public function store(WebFormRequest $request, TakeInTask $takeIn, LinkCustomer $link): RedirectResponse
    {
        try {
            [$taken, $secret] = DB::transaction(static function () use ($request, $takeIn, $link): array {
                $taken = $takeIn(Node::root($request->document()), TaskSource::WebForm, null, track: $request->track());

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
