<?php

declare(strict_types=1);

namespace App\Http\Requests\Rules;

use App\Http\Invalid;
use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Rules\RulebookVersion;
use Illuminate\Validation\ValidationException;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\TextLimits;

/** A draft as the page has it: rules with distinct ids, finished or not; of one that has not changed its id. */
final class SaveDraftRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('write', RulebookVersion::class) === true;
    }

    /**
     * @return array<string, list<mixed>> what stands inside of the rules is checked by rules(), since there may be
     *     thousands
     */
    public function rules(): array
    {
        return ['revision' => ['required', new Whole(0)]];
    }

    /**
     * @return list<array<string, mixed>|string> a text is the id of a rule that stays as it is
     *
     * @throws ValidationException
     */
    public function draftRules(): array
    {
        $given = $this->json('rules');
        if (!is_array($given) || !array_is_list($given) || count($given) > RulebookFormat::MOST_RULES) {
            throw Invalid::at('rules', 'The rules are a list of at most {most}.', most: RulebookFormat::MOST_RULES);
        }
        $rules = [];
        $ids = [];
        foreach ($given as $index => $rule) {
            $id = is_array($rule) ? $rule['id'] ?? null : $rule;
            $reason = match (true) {
                !is_array($rule) && !is_string($rule) => 'A rule is an object, or the id of one that stays as it is.',
                !is_string($id) || $id === '' || mb_strlen($id) > TextLimits::ID => 'A rule has an id of its own.',
                isset($ids[$id]) => 'There is another rule of this id.',
                default => null,
            };
            if ($reason !== null || !is_string($id)) {
                throw Invalid::at("rules.{$index}.id", (string) $reason);
            }
            $ids[$id] = true;
            /** @var array<string, mixed>|string $rule */
            $rules[] = $rule;
        }

        return $rules;
    }
}
