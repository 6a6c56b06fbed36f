<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Access\AuditRecord;
use App\Models\House\House;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Validation\Rule;

/** Which changes of the house are asked for: by whom, of what, when. */
final class ChangesRequest extends InputRequest
{
    /** Logs of the audit trail. */
    public const LOGS = ['rulebook', 'roster', 'house', 'customers', 'sign-in', 'lists'];

    /** Whoever is nobody: the command line, the clock, other systems without a sign-in. */
    public const SYSTEM = 'system';

    public function authorize(): bool
    {
        return $this->user()?->can('audit', House::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'who' => ['nullable', 'string', 'max:40'],
            'of' => ['nullable', 'string', Rule::in(self::LOGS)],
            'from' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:1990-01-01', 'before:2100-01-01'],
            'until' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:1990-01-01', 'before:2100-01-01'],
            'before' => ['nullable', new Whole(1)],
        ];
    }

    /** @return Builder<AuditRecord> the latest first */
    public function changes(): Builder
    {
        $zone = House::query()->firstOrFail()->zone;
        $day = fn(string $name): CarbonImmutable => CarbonImmutable::parse($this->string($name)->toString(), $zone);
        $changes = AuditRecord::query()->latest('id');
        if ($this->filled('who')) {
            $this->string('who')->toString() === self::SYSTEM
                ? $changes->whereNull('causer_id')
                : $changes->where('causer_id', $this->string('who')->toString());
        }
        if ($this->filled('of')) {
            $changes->where('log_name', $this->string('of')->toString());
        }
        if ($this->filled('from')) {
            $changes->where('created_at', '>=', $day('from')->startOfDay()->utc());
        }
        if ($this->filled('until')) {
            $changes->where('created_at', '<', $day('until')->addDay()->startOfDay()->utc());
        }
        if ($this->filled('before')) {
            $changes->where('id', '<', $this->integer('before'));
        }

        return $changes;
    }

    /** @return array<string, string> what is asked for, as its address has it */
    public function asked(): array
    {
        return array_filter(
            array_intersect_key($this->validated(), array_flip(['who', 'of', 'from', 'until'])),
            is_string(...),
        );
    }
}
