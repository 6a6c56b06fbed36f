<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\InputRequest;
use Illuminate\Http\UploadedFile;

/** A file for a task or a case, of a kind and a size that the house takes. */
final class FileRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('comment', $this->route('task') ?? $this->route('case')) === true;
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
