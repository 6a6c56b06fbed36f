<?php

declare(strict_types=1);

namespace App\Http\Requests\Messages;

use App\Http\Requests\InputRequest;
use App\Messages\Addresses;
use App\Models\Messages\Message;
use Closure;
use LogicException;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Message\HarmlessText;

/** A message says something else, or goes elsewhere, for this once. */
final class EditMessageRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('steer', $this->message()) === true;
    }

    public function message(): Message
    {
        $message = $this->route('message');

        return $message instanceof Message ? $message : throw new LogicException('The route has no message.');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $channel = $this->message()->channel;

        return [
            'address' => [
                'bail',
                'required',
                'string',
                'max:' . TextLimits::NAME,
                static function (string $name, mixed $value, Closure $fail) use ($channel): void {
                    if (!is_string($value) || !Addresses::isFor($value, $channel)) {
                        $fail('This is no address of that channel.');
                    }
                },
            ],
            'subject' => ['nullable', 'string', 'max:' . TextLimits::NAME],
            'text' => ['required', 'string', 'max:' . $channel->most()],
            'files' => ['array', 'list', 'max:20'],
            'files.*' => ['required', 'string', 'ulid', 'distinct'],
            'send' => ['boolean'],
        ];
    }

    /** @return list<string> of those that it has, the ids of those that it keeps */
    public function files(): array
    {
        $kept = array_filter((array) $this->input('files', []), is_string(...));

        return array_values(array_intersect($this->message()->fileIds(), $kept));
    }

    public function subject(): ?string
    {
        $subject = HarmlessText::line($this->string('subject')->toString(), TextLimits::NAME);

        return $subject === '' || !$this->message()->channel->hasSubject() ? null : $subject;
    }

    public function said(): string
    {
        return HarmlessText::prose($this->string('text')->toString(), $this->message()->channel->most());
    }
}
