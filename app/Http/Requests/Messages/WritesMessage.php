<?php

declare(strict_types=1);

namespace App\Http\Requests\Messages;

use App\Messages\WrittenMessage;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\HarmlessText;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;

/** What somebody has written, for whom, by which channel and when; of a request that knows what it is about. */
trait WritesMessage
{
    private const CUSTOMER = 'customer';

    /** @return string|null id of the customer of what it is about */
    abstract protected function customerId(): ?string;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $channel = Channel::tryFrom($this->string('channel')->toString()) ?? Channel::Mail;
        $toCustomer = $this->input('to') === self::CUSTOMER;

        return [
            'key' => ['required', 'string', 'regex:/^[0-9a-zA-Z-]{8,60}$/D'],
            'to' => ['required', 'string', ...$toCustomer ? [] : ['exists:people,slug']],
            'channel' => ['required', Rule::enum(Channel::class)->except($toCustomer ? [Channel::Chat] : [])],
            'subject' => ['nullable', 'string', 'max:' . TextLimits::NAME],
            'text' => ['required', 'string', 'max:' . $channel->most()],
            'files' => ['boolean'],
            'at' => ['bail', 'nullable', 'string', 'date', 'after:now', 'before:+5 years'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'to.*' => 'Choose a person.',
            'at.*' => 'Give a moment that is still to come.',
        ];
    }

    public function written(): WrittenMessage
    {
        $channel = Channel::from($this->string('channel')->toString());

        return new WrittenMessage(
            $this->string('key')->toString(),
            $this->recipient(),
            $channel,
            $this->filled('subject') ? $this->line('subject') : null,
            HarmlessText::prose($this->string('text')->toString(), $channel->most()),
            $this->boolean('files'),
            $this->filled('at') ? CarbonImmutable::parse($this->string('at')->toString()) : null,
        );
    }

    private function recipient(): Recipient
    {
        return $this->input('to') === self::CUSTOMER
            ? new Recipient(RecipientKind::Customer, $this->customerId() ?? abort(422))
            : new Recipient(
                RecipientKind::Person,
                Person::query()
                    ->where('slug', $this->string('to')->toString())
                    ->where('active', true)
                    ->firstOrFail()->id,
            );
    }
}
