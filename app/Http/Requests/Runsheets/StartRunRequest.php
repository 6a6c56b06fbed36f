<?php

declare(strict_types=1);

namespace App\Http\Requests\Runsheets;

use App\Http\Requests\InputRequest;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;

/** A runsheet that is started on a task, a case, or nothing. */
final class StartRunRequest extends InputRequest
{
    use NamesRunsheet;

    public function authorize(): bool
    {
        return $this->user()?->can('create', [Run::class, $this->of()]) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['runsheet' => self::RUNSHEET];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['runsheet.exists' => 'There is no such runsheet.'];
    }

    private function of(): Task|CustomerCase|null
    {
        $of = $this->route('task') ?? $this->route('case');

        return $of instanceof Task || $of instanceof CustomerCase ? $of : null;
    }
}
