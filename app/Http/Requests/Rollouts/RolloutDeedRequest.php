<?php

declare(strict_types=1);

namespace App\Http\Requests\Rollouts;

use App\Http\Requests\InputRequest;
use App\Models\House\House;
use Illuminate\Support\Facades\Gate;

/** What a lead does with a rollout. */
final class RolloutDeedRequest extends InputRequest
{
    public const DEEDS = ['go_on', 'stop', 'take_back', 'remind'];

    public function authorize(): bool
    {
        return Gate::allows('shape', House::class);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['deed' => ['required', 'string', 'in:' . implode(',', self::DEEDS)]];
    }

    public function deed(): string
    {
        return $this->line('deed');
    }
}
