<?php

declare(strict_types=1);

namespace App\Http\Requests\Cases;

use App\Http\Requests\InputRequest;
use OpenBaton\Core\Document\TextLimits;

/** Something that is said on a case. */
final class CommentOnCaseRequest extends InputRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['body' => ['required', 'string', 'max:' . TextLimits::PROSE]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'body.required' => 'Say something.',
            'body.max' => 'A comment has at most :max characters; put more into a file.',
        ];
    }

    public function body(): string
    {
        return $this->line('body');
    }
}
