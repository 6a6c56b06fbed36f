<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\InputRequest;
use App\Models\House\House;
use App\People\RosterFile;
use OpenBaton\Core\Document\Node;

/** A roster document as the body, to be looked at or merged. */
final class RosterImportRequest extends InputRequest
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
        return $this->form()->read((string) $this->getContent());
    }

    public function form(): RosterFile
    {
        $form = $this->query('form');

        return RosterFile::tryFrom(is_string($form) ? $form : '') ?? RosterFile::Json;
    }

    /** Whether what the document does not have goes. */
    public function removes(): bool
    {
        return $this->query('remove') === '1';
    }
}
