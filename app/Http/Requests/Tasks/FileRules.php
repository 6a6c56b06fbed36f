<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rules\File;

/** Which files the house takes, whoever sends them: by what is in them as well as by their names. */
final class FileRules
{
    /** @return list<ValidationRule|File> */
    public static function rules(): array
    {
        $types = array_keys(config()->array('baton.files.types'));

        return [File::types($types)->extensions($types)->max(config()->integer('baton.files.most_kilobytes'))];
    }

    public static function upload(FormRequest $request): ?UploadedFile
    {
        $file = $request->file('file');

        return $file instanceof UploadedFile ? $file : null;
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        $most = (int) round(config()->integer('baton.files.most_kilobytes') / 1024);
        $types = implode(', ', array_keys(config()->array('baton.files.types')));

        $words = app(Words::class);
        $said = [
            'file.required' => 'Choose a file.',
            'file.uploaded' => 'The file did not arrive whole; it has at most {most} MB.',
            'file.max' => 'A file has at most {most} MB.',
            'file.mimes' =>
                'Files of this kind are not taken, or it is another kind than its name says; there are {types}.',
            'file.extensions' => 'Files of this kind are not taken; there are {types}.',
        ];

        return array_map(
            static fn(string $one): string => $words->sentence($one, ['most' => $most, 'types' => $types]),
            $said,
        );
    }
}
