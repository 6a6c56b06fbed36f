<?php

declare(strict_types=1);

namespace App\Http\Requests\Runsheets;

use App\Http\Requests\InputRequest;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Subject\SubjectKind;

/** A runsheet that is started on several tasks, or on several cases. */
final class StartManyRunsRequest extends InputRequest
{
    use NamesRunsheet;

    private const MOST = 200;

    public function authorize(): bool
    {
        return $this->user()?->can('viewAny', Run::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'runsheet' => self::RUNSHEET,
            'ids' => ['required', 'array', 'max:' . self::MOST],
            'ids.*' => ['required', 'string', 'ulid', 'distinct'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['runsheet.*' => 'Choose a runsheet.'];
    }

    /** @return Collection<int, Task>|Collection<int, CustomerCase> of what the runsheet is about */
    public function subjects(Runsheet $sheet): Collection
    {
        $ids = (array) $this->validated('ids');

        return $sheet->about === SubjectKind::Matter->value
            ? CustomerCase::query()->whereKey($ids)->orderBy('number')->get()
            : Task::query()->whereKey($ids)->orderBy('number')->get();
    }
}
