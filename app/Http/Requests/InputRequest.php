<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Invalid;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Stringable;
use Illuminate\Validation\ValidationException;

/**
 * A request whose members may be anything until they are validated, and are asked for before that: who it is about,
 * say.
 */
abstract class InputRequest extends FormRequest
{
    /**
     * @param string $key
     * @param mixed  $default
     *
     * @throws ValidationException where a list was sent for a text
     */
    public function string($key, $default = null): Stringable
    {
        if (is_array($this->input($key))) {
            throw Invalid::at($key, 'A text belongs here.');
        }

        return parent::string($key, $default);
    }

    /** A text without the space around it. */
    protected function line(string $name): string
    {
        return trim($this->string($name)->toString());
    }

    /**
     * The rule that a time is after another one, or at least not before it; says nothing where that one is no text,
     * which is told by its own rule.
     */
    protected function compared(string $rule, string $name): string
    {
        return is_string($this->input($name)) ? "{$rule}:{$name}" : 'bail';
    }
}
