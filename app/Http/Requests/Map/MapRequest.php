<?php

declare(strict_types=1);

namespace App\Http\Requests\Map;

use App\Http\Requests\InputRequest;
use App\Models\House\House;
use OpenBaton\Core\Document\TextLimits;

/** What of the map is opened, and what is looked at; all of it stands in the address. */
final class MapRequest extends InputRequest
{
    private const ID = 255;

    private const MOST_OPEN = 40;

    public function authorize(): bool
    {
        return $this->user()?->can('viewFloor', House::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'open' => ['nullable', 'array', 'max:' . self::MOST_OPEN],
            'open.*' => ['string', 'max:' . self::ID],
            'at' => ['nullable', 'string', 'max:' . self::ID],
            'person' => ['nullable', 'string', 'max:' . TextLimits::ID],
        ];
    }

    /** @return list<string> ids of the nodes that are opened */
    public function opened(): array
    {
        return array_values(array_filter((array) $this->validated('open', []), is_string(...)));
    }

    /** Id of the node that is looked at; empty: none. */
    public function at(): string
    {
        return $this->string('at')->toString();
    }

    /** Slug of whose work is looked at; empty: nobody's. */
    public function person(): string
    {
        return $this->string('person')->toString();
    }
}
