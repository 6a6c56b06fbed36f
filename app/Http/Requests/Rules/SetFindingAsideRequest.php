<?php

declare(strict_types=1);

namespace App\Http\Requests\Rules;

use App\Http\Requests\InputRequest;
use App\Models\Rules\RulebookVersion;
use OpenBaton\Core\Document\TextLimits;

/** What a check has found is meant so: why. */
final class SetFindingAsideRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('write', RulebookVersion::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['reason' => ['required', 'string', 'max:' . TextLimits::REASON]];
    }

    public function reason(): string
    {
        return $this->line('reason');
    }
}
