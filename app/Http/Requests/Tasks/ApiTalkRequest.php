<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Access\RequestKey;
use App\Http\Requests\Intake\TaskRequest;
use App\Models\Access\TokenAbility;
use App\Models\Access\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;

/** What another system says on a task, or attaches to it: for the customer, or for the owner of its token. */
final class ApiTalkRequest extends TaskRequest
{
    private const CUSTOMER = 'customer';

    private const OWNER = 'owner';

    public function authorize(): bool
    {
        $user = $this->user();

        return $user instanceof User &&
            $user->tokenCan(TokenAbility::Speak->value) &&
            $user->can('comment', $this->task());
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $from = ['from' => ['required', 'string', Rule::in([self::CUSTOMER, self::OWNER])]];

        return $from +
            ($this->isFile()
                ? ['file' => ['required', ...FileRules::rules()]]
                : ['body' => ['required', 'string', 'max:' . TextLimits::PROSE]]);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'from.*' => 'Say whose words these are: "customer", or "owner" for the owner of the token.',
            'body.max' => 'Send a text of at most :max characters.',
            'body.*' => 'Send a text.',
        ] + FileRules::messages();
    }

    public function owner(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(401);
    }

    public function isFromCustomer(): bool
    {
        return $this->string('from')->toString() === self::CUSTOMER;
    }

    public function body(): string
    {
        return trim($this->string('body')->toString());
    }

    public function upload(): UploadedFile
    {
        return FileRules::upload($this) ?? abort(422);
    }

    /** @return RequestKey|null null: none, or one that can be none */
    public function requestKey(): ?RequestKey
    {
        $what = $this->isFile()
            ? hash_file('sha256', $this->upload()->getPathname()) . $this->upload()->getClientOriginalName()
            : $this->body();

        return RequestKey::of(
            $this->owner()->id,
            $this->header('Idempotency-Key'),
            "{$this->path()}\n{$this->string('from')}\n{$what}",
        );
    }

    private function isFile(): bool
    {
        return str_ends_with($this->path(), '/files');
    }
}
