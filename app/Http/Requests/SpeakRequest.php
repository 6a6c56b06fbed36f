<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\People\Person;
use App\Words\Words;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Document\TextLimits;

/** What somebody says on a task or a case, and to whom. */
abstract class SpeakRequest extends InputRequest
{
    /** What it is said on. */
    abstract protected function on(): Model;

    /** @return string {person} does not see it */
    abstract protected function unseen(): string;

    public function authorize(): bool
    {
        return $this->user()?->can('comment', $this->on()) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'body' => ['required', 'string', 'max:' . TextLimits::PROSE],
            'mentions' => ['array', 'max:20'],
            'mentions.*' => ['string', 'exists:people,slug'],
        ];
    }

    /**
     * Who is spoken to watches it from then on, and so sees it: those who do not are let in by whoever may change
     * it.
     */
    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($this->user()?->can('edit', $this->on()) === true) {
                return;
            }
            foreach (
                Person::query()
                    ->with('user')
                    ->whereIn('slug', array_filter((array) $this->input('mentions', []), is_string(...)))
                    ->get()
                as $person
            ) {
                if ($person->user?->setRelation('person', $person)->can('view', $this->on()) !== true) {
                    $validator
                        ->errors()
                        ->add('mentions', app(Words::class)->sentence($this->unseen(), ['person' => $person->name]));
                }
            }
        });
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'body.required' => 'Say something.',
            'body.max' => 'A comment has at most :max characters; put more into a file.',
            'mentions.*' => 'There is no such person.',
        ];
    }

    public function body(): string
    {
        return trim($this->string('body')->toString());
    }

    /** @return list<string> people who are spoken to, by slug */
    public function mentions(): array
    {
        return array_values(
            Person::query()
                ->whereIn('slug', (array) $this->input('mentions', []))
                ->orderBy('slug')
                ->get('slug')
                ->map(static fn(Person $one): string => $one->slug)
                ->all(),
        );
    }
}
