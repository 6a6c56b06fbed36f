<?php

declare(strict_types=1);

namespace App\Http\Requests\Customers;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Tasks\FileRules;
use App\Models\Customers\CustomerLink;
use App\Models\Tasks\Task;
use Illuminate\Http\UploadedFile;
use OpenBaton\Core\Document\TextLimits;

/** What a customer writes on their request, or adds to it. */
final class CustomerSaysRequest extends InputRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'body' => ['required_without:file', 'nullable', 'string', 'max:' . TextLimits::PROSE],
            'file' => ['nullable', ...FileRules::rules()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'body.required_without' => 'Write something, or choose a file.',
        ] + FileRules::messages();
    }

    public function task(): Task
    {
        $secret = $this->route('secret');

        return CustomerLink::by(is_string($secret) ? $secret : '')
            ->with('task')
            ->firstOrFail()->task ?? abort(404);
    }

    public function body(): string
    {
        return $this->line('body');
    }

    public function upload(): ?UploadedFile
    {
        return FileRules::upload($this);
    }
}
