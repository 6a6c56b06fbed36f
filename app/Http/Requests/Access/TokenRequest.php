<?php

declare(strict_types=1);

namespace App\Http\Requests\Access;

use App\Http\Requests\InputRequest;
use App\Models\Access\TokenAbility;
use App\Models\Access\User;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;

/** A token for a system: in whose name, what it may do, and until when. */
final class TokenRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('administer', User::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'user' => ['bail', 'required', 'string', Rule::exists('users', 'id')->whereNull('ended_at')],
            'name' => ['required', 'string', 'max:' . TextLimits::LABEL],
            'abilities' => ['required', 'array', 'min:1'],
            'abilities.*' => ['required', Rule::enum(TokenAbility::class), 'distinct'],
            'until' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:today', 'before:+3 years'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'user.*' => 'Choose in whose name it asks.',
            'name.*' => 'Say what it is for.',
            'abilities.*' => 'Choose what it may do.',
            'until.*' => 'Give its last day: after today, and within three years.',
        ];
    }

    public function owner(): User
    {
        return User::query()->findOrFail($this->string('user')->toString());
    }

    /** @return list<TokenAbility> */
    public function abilities(): array
    {
        return array_values(
            array_map(TokenAbility::from(...), array_filter((array) $this->input('abilities'), is_string(...))),
        );
    }

    /** The end of its last day. */
    public function until(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('until')->toString())->endOfDay();
    }
}
