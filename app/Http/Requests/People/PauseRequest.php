<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\InputRequest;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use LogicException;
use OpenBaton\Core\Document\TextLimits;

/** That no new work is to come to somebody for a while. */
final class PauseRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('pauseIntake', $this->person()) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'until' => ['bail', 'nullable', 'string', 'date', 'after:now', 'before:2038-01-01'],
            'reason' => ['required', 'string', 'min:3', 'max:' . TextLimits::NAME],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['until.*' => 'Give a moment that is still to come, or none.', 'reason.*' => 'Say in a few words why.'];
    }

    public function person(): Person
    {
        $person = $this->route('person');

        return $person instanceof Person ? $person : throw new LogicException('The route has no person.');
    }

    public function until(): ?CarbonImmutable
    {
        return $this->filled('until') ? CarbonImmutable::parse($this->string('until')->toString()) : null;
    }

    public function reason(): string
    {
        return $this->line('reason');
    }
}
