<?php

declare(strict_types=1);

namespace App\Http\Requests\Messages;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Messages\Message;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\MessageState;

/** Which messages are looked at. */
final class MessageListRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('viewAny', Message::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'state' => ['nullable', Rule::enum(MessageState::class)],
            'channel' => ['nullable', Rule::enum(Channel::class)],
            'q' => ['nullable', 'string', 'max:' . TextLimits::NAME],
            'page' => ['nullable', new Whole(1, 100_000)],
            'message' => ['nullable', new Whole(1)],
        ];
    }
}
