<?php

declare(strict_types=1);

namespace App\Http\Requests\Rules;

use App\Http\Requests\InputRequest;
use App\Models\Rules\RotationAct;
use App\Models\Rules\RulebookVersion;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;

/** Somebody goes without a turn of a rotation, has their last again, or it begins anew; and why. */
final class CorrectRotationRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('write', RulebookVersion::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rotation' => ['required', 'string', 'max:' . TextLimits::ROTATION],
            'act' => ['required', Rule::enum(RotationAct::class)->only(RotationAct::corrections())],
            'person' => [
                'exclude_if:act,' . RotationAct::BegunAnew->value,
                'required',
                'string',
                'max:' . TextLimits::ID,
            ],
            'reason' => ['nullable', 'string', 'max:' . TextLimits::REASON],
        ];
    }

    public function act(): RotationAct
    {
        return RotationAct::from($this->string('act')->toString());
    }

    public function chosen(string $what): ?string
    {
        return $this->filled($what) ? $this->line($what) : null;
    }
}
