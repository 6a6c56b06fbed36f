<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\InputRequest;
use App\Models\House\House;

/** A change of what the house is made of. */
abstract class HouseRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('shape', House::class) === true;
    }
}
