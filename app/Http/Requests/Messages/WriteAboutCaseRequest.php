<?php

declare(strict_types=1);

namespace App\Http\Requests\Messages;

use App\Http\Requests\InputRequest;
use App\Models\Cases\CustomerCase;
use Illuminate\Support\Facades\Gate;
use LogicException;

/** A message about a case, written by its owner or a lead. */
final class WriteAboutCaseRequest extends InputRequest
{
    use WritesMessage;

    public function authorize(): bool
    {
        return Gate::allows('edit', $this->case());
    }

    protected function customerId(): ?string
    {
        return $this->case()->customer_id;
    }

    private function case(): CustomerCase
    {
        $case = $this->route('case');

        return $case instanceof CustomerCase ? $case : throw new LogicException('The route has no case.');
    }
}
