<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\House;
use Illuminate\Foundation\Http\FormRequest;

/** A change of what the house is made of. */
abstract class HouseRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('shape', House::class) === true;
    }

    protected function line(string $name): string
    {
        return trim($this->string($name)->toString());
    }
}
