<?php

declare(strict_types=1);

namespace App\Http\Requests\Runsheets;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\House\House;
use Illuminate\Support\Facades\Gate;

/** That a run, as it was looked at, goes on with the version that is published. */
final class MoveRunRequest extends InputRequest
{
    public function authorize(): bool
    {
        return Gate::allows('shape', House::class);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['revision' => ['required', new Whole(0)], 'keep' => ['boolean']];
    }

    public function seen(): int
    {
        return $this->integer('revision');
    }

    /** Whether open tasks of steps that are gone are left rather than dropped. */
    public function keeps(): bool
    {
        return $this->boolean('keep');
    }
}
