<?php

declare(strict_types=1);

namespace App\Http\Requests\Runsheets;

use App\Http\Requests\InputRequest;
use App\Models\Runsheets\Runsheet;

/**
 * What names the runsheet that is to be started.
 *
 * @phpstan-require-extends InputRequest
 */
trait NamesRunsheet
{
    /** @var list<string> */
    private const RUNSHEET = ['required', 'string', 'exists:runsheets,slug'];

    public function sheet(): Runsheet
    {
        return Runsheet::query()->where('slug', $this->line('runsheet'))->firstOrFail();
    }
}
