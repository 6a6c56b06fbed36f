<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\House;
use Illuminate\Foundation\Http\FormRequest;
use OpenBaton\Core\Document\Node;

/** A roster document as the body, to be looked at or merged. */
final class RosterImportRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('importRoster', House::class) === true;
    }

    /** @return array<string, list<string>> the body is a document, which the core checks */
    public function rules(): array
    {
        return [];
    }

    public function document(): Node
    {
        return Node::parse((string) $this->getContent());
    }

    /** Whether what the document does not have goes. */
    public function removes(): bool
    {
        return $this->query('remove') === '1';
    }
}
