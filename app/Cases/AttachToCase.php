<?php

declare(strict_types=1);

namespace App\Cases;

use App\Access\Actor;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\TaskFile;
use App\Tasks\StoredFile;
use Illuminate\Http\UploadedFile;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Rulebook\Event\FileAdded;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\SubjectKind;

/** Attaches a file to a case. */
final readonly class AttachToCase
{
    public function __construct(private EditCase $edit) {}

    public function __invoke(CustomerCase $case, UploadedFile $file, Actor $by): CustomerCase
    {
        return StoredFile::keep(
            $file,
            $case->id,
            fn(StoredFile $stored): CustomerCase => ($this->edit)(
                $case->id,
                null,
                new CaseEdit(
                    'attached',
                    static fn(CaseAtHand $hand): CaseSubject => $hand->case->with(['files' => $hand->case->files + 1]),
                    $stored->name,
                    happened: [new FileAdded(ChangeCase::authorOn($case, $by), SubjectKind::Matter)],
                    besides: static function (CustomerCase $row) use ($stored, $by): void {
                        TaskFile::query()->create([
                            'case_id' => $row->id,
                            'user_id' => $by->user?->id,
                            ...$stored->columns(),
                        ]);
                    },
                ),
                $by,
            ),
        );
    }
}
