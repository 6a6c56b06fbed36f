<?php

declare(strict_types=1);

namespace App\Http\Requests\Access;

use App\Models\Access\User;
use App\Words\Locale;
use App\Words\Locales;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** That somebody wants the product in another language. */
final class LocaleRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() instanceof User;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['locale' => ['required', 'string', Rule::in(array_keys(Locales::offered()))]];
    }

    public function locale(): Locale
    {
        return Locales::chosen($this->string('locale')->toString());
    }
}
