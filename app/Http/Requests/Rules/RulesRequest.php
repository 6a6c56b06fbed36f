<?php

declare(strict_types=1);

namespace App\Http\Requests\Rules;

use App\Http\Requests\InputRequest;
use App\Models\Rules\RulebookVersion;
use OpenBaton\Core\Document\TextLimits;

/** Which rules a page shows and does not have yet. */
final class RulesRequest extends InputRequest
{
    private const MOST = 50;

    public function authorize(): bool
    {
        return $this->user()?->can('viewAny', RulebookVersion::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ids' => ['required', 'array', 'list', 'max:' . self::MOST],
            'ids.*' => ['string', 'max:' . TextLimits::ID],
        ];
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_values(array_filter((array) $this->input('ids'), is_string(...)));
    }
}
