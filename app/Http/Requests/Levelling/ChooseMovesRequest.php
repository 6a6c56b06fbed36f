<?php

declare(strict_types=1);

namespace App\Http\Requests\Levelling;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Levelling\Levelling;

/** Moves of a group that are left, or taken after all. */
final class ChooseMovesRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Levelling::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['group' => ['required', new Whole(1)], 'left' => ['required', 'boolean']];
    }
}
