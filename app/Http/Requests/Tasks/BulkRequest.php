<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\InputRequest;
use App\Models\House\House;
use App\Models\People\Person;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;

/** Several tasks that go to somebody at once. */
final class BulkRequest extends InputRequest
{
    private const MOST = 200;

    public function authorize(): bool
    {
        return $this->user()?->can('viewFloor', House::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ids' => ['required', 'array', 'max:' . self::MOST],
            'ids.*' => ['required', 'string', 'ulid', 'distinct'],
            'to' => ['required', 'string', Rule::exists('people', 'slug')->where('active', true)],
            'reason' => ['required', 'string', 'max:' . TextLimits::REASON],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['to.*' => 'Choose a person.', 'reason.*' => 'Say in a few words why.'];
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_values(array_filter((array) $this->validated('ids'), is_string(...)));
    }

    public function to(): Person
    {
        return Person::query()
            ->where('slug', $this->string('to')->toString())
            ->firstOrFail();
    }

    public function reason(): string
    {
        return trim($this->string('reason')->toString());
    }
}
