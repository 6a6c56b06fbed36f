<?php

declare(strict_types=1);

namespace App\Http\Requests\Cases;

use App\Http\Requests\Whole;

/** What a person does with a case: the page says which revision they saw. */
final class CaseDeedRequest extends AskedOfCase
{
    public function rules(): array
    {
        return ['revision' => ['required', new Whole(0)]] + parent::rules();
    }

    public function seen(): int
    {
        return $this->integer('revision');
    }
}
