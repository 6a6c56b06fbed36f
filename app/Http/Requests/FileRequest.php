<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rules\File;

/** A file for a task, of a kind and a size that the house takes. */
final class FileRequest extends TaskRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('comment', $this->task()) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $types = config()->array('baton.files.types');

        // By what is in it as well as by its name.
        return ['file' => ['required', File::types(array_keys($types))->extensions(array_keys($types))->max(config()->integer('baton.files.most_kilobytes'))]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $most = (int) round(config()->integer('baton.files.most_kilobytes') / 1024);
        $types = implode(', ', array_keys(config()->array('baton.files.types')));

        return [
            'file.required' => 'Choose a file.',
            'file.uploaded' => "The file did not arrive whole; it has at most {$most} MB.",
            'file.max' => "A file has at most {$most} MB.",
            'file.mimes' => "Files of this kind are not taken, or it is another kind than its name says; there are {$types}.",
            'file.extensions' => "Files of this kind are not taken; there are {$types}.",
        ];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : abort(422);
    }
}
