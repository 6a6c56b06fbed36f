<?php

declare(strict_types=1);

namespace App\Http\Requests\Guides;

use App\Http\Requests\Tasks\FileRules;
use App\Models\Guides\Guide;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rules\File;

/** A picture for guides, by what is in it as well as by its name; none that is a document of its own. */
final class PictureRequest extends FormRequest
{
    private const TYPES = ['png', 'jpg', 'jpeg', 'gif', 'webp'];

    private const MOST_KILOBYTES = 5120;

    private const MOST_WIDE = 8000;

    public function authorize(): bool
    {
        return $this->user()?->can('write', Guide::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'file' => [
                'bail',
                'required',
                File::types(self::TYPES)->extensions(self::TYPES)->max(self::MOST_KILOBYTES),
                'dimensions:max_width=' . self::MOST_WIDE . ',max_height=' . self::MOST_WIDE,
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.*' => 'Pictures are PNG, JPEG, GIF or WebP, of at most 5 MB.'];
    }

    public function upload(): UploadedFile
    {
        return FileRules::upload($this) ?? abort(422);
    }
}
