<?php

declare(strict_types=1);

namespace App\Http\Requests\Cases;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Tasks\FileRules;
use Illuminate\Http\UploadedFile;

/** A file for a case, of a kind and a size that the house takes. */
final class CaseFileRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('comment', $this->route('case')) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['file' => ['required', ...FileRules::rules()]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return FileRules::messages();
    }

    public function upload(): UploadedFile
    {
        return FileRules::upload($this) ?? abort(422);
    }
}
