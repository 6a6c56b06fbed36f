<?php

declare(strict_types=1);

namespace App\Http\Requests\Figures;

use App\Http\Requests\InputRequest;
use App\Models\Figures\CountedFigures;
use App\Models\House\House;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;

/** Of what figures are asked for; all of it stands in the address. */
final class FiguresRequest extends InputRequest
{
    /** By what they may be asked for. */
    private const BY = ['team', 'kind', 'week'];

    public function authorize(): bool
    {
        return $this->user()?->can('viewFloor', House::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'by' => ['nullable', Rule::in(self::BY)],
            'weeks' => ['nullable', Rule::in(CountedFigures::WEEKS)],
            'team' => ['nullable', 'string', 'max:' . TextLimits::ID],
        ];
    }

    public function by(): string
    {
        return $this->filled('by') ? $this->string('by')->toString() : 'team';
    }

    public function weeks(): int
    {
        return $this->filled('weeks') ? $this->integer('weeks') : 12;
    }

    /** Slug; empty: the whole house. */
    public function team(): string
    {
        return $this->string('team')->toString();
    }
}
