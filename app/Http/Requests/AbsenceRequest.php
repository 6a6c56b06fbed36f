<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\AbsenceTerms;
use App\Models\Absence;
use App\Models\Person;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Absence\AbsenceKind;

/** That somebody wants to be away: whole days, or from a moment to another. */
final class AbsenceRequest extends FormRequest
{
    private const MOST_SUBSTITUTES = 8;

    public function authorize(): bool
    {
        return $this->user()?->can('ask', [Absence::class, $this->person()]) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $bounds = ['after:-1 year', 'before:+3 years'];
        $when = $this->boolean('days')
            ? ['first' => ['required', 'date_format:Y-m-d', ...$bounds], 'last' => ['required', 'date_format:Y-m-d', 'after_or_equal:first', ...$bounds]]
            : ['from' => ['required', 'date', ...$bounds], 'to' => ['required', 'date', 'after:from', ...$bounds]];

        return $when + [
            'person' => ['required', 'string', 'exists:people,slug'],
            'days' => ['required', 'boolean'],
            'kind' => ['required', Rule::enum(AbsenceKind::class)],
            'note' => ['nullable', 'string', 'max:255'],
            'substitutes' => ['array', 'max:'.self::MOST_SUBSTITUTES],
            'substitutes.*' => ['required', 'string', 'distinct', 'exists:people,slug', Rule::notIn([$this->string('person')->toString()])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'first.*' => 'Give the first day, no more than a year ago.',
            'last.*' => 'Give the last day: not before the first, and within three years.',
            'from.*' => 'Give the moment from which on, no more than a year ago.',
            'to.*' => 'Give the moment until when: after the first, and within three years.',
            'substitutes.*.not_in' => 'Nobody is their own substitute.',
            'substitutes.*.distinct' => 'Somebody is named twice.',
        ];
    }

    public function person(): Person
    {
        return Person::query()->where('slug', $this->string('person')->toString())->firstOrFail();
    }

    public function terms(): AbsenceTerms
    {
        $days = $this->boolean('days');
        $moment = fn(string $name): ?CarbonImmutable => $days ? null : CarbonImmutable::parse($this->string($name)->toString())->utc();

        return new AbsenceTerms(
            AbsenceKind::from($this->string('kind')->toString()),
            $days ? $this->string('first')->toString() : null,
            $days ? $this->string('last')->toString() : null,
            $moment('from'),
            $moment('to'),
            $this->filled('note') ? trim($this->string('note')->toString()) : null,
            array_values(array_filter((array) $this->input('substitutes', []), is_string(...))),
        );
    }
}
