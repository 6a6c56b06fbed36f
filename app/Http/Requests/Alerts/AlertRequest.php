<?php

declare(strict_types=1);

namespace App\Http\Requests\Alerts;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Alerts\Alert;
use App\Models\People\Person;
use Illuminate\Validation\Rule;
use LogicException;
use OpenBaton\Core\Alert\AlertKind;
use OpenBaton\Core\Message\Channel;

/** When leads are alerted to one kind of thing, and who of them. */
final class AlertRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('set', Alert::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $kind = $this->kind();

        return [
            'on' => ['required', 'boolean'],
            'threshold' => [
                $kind->usualThreshold() === null ? 'nullable' : 'required',
                new Whole(1, $kind->mostThreshold()),
            ],
            'channels' => ['array', 'list', 'max:' . count(Channel::cases())],
            'channels.*' => ['required', 'distinct', Rule::enum(Channel::class)],
            'people' => ['array', 'list', 'max:50'],
            'people.*' => ['required', 'string', 'distinct', Rule::exists('people', 'slug')],
        ];
    }

    public function kind(): AlertKind
    {
        $kind = $this->route('alert');

        return $kind instanceof AlertKind ? $kind : throw new LogicException('The route has no kind.');
    }

    /** @return list<string> ids */
    public function people(): array
    {
        return array_values(
            Person::query()
                ->whereIn('slug', array_filter((array) $this->input('people', []), is_string(...)))
                ->get(['id'])
                ->map(static fn(Person $one): string => $one->id)
                ->all(),
        );
    }
}
