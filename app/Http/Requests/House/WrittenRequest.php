<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\House\House;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Node;

/** A document that leads write, such as a track, and from which revision it was written; 0: it is a new one. */
final class WrittenRequest extends InputRequest
{
    public function authorize(): bool
    {
        return Gate::allows('shape', House::class);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['revision' => ['required', new Whole(0)], 'document' => ['required', 'array']];
    }

    /** Whose faults are told by their places in it. */
    public function document(): Node
    {
        return Node::root($this->input('document'));
    }

    public function seen(): int
    {
        return $this->integer('revision');
    }
}
