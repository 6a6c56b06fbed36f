<?php

declare(strict_types=1);

namespace App\Http\Requests\Absences;

use App\Absences\AbsenceTerms;
use App\Bridge\SnapshotSource;
use App\Http\Requests\InputRequest;
use App\Models\Absences\Absence;
use App\Models\People\Person;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;

/** That somebody wants to be away: whole days, or from a moment to another. */
final class AbsenceRequest extends InputRequest
{
    private const MOST_SUBSTITUTES = 8;

    public function authorize(): bool
    {
        $person = $this->named()->first();

        // Whoever has named nobody is told so.
        [$right, $of] = $person === null ? ['viewAny', Absence::class] : ['ask', [Absence::class, $person]];

        return $this->user()?->can($right, $of) === true;
    }

    /** Programs ask for their owners, and say by what they give whether it is of whole days. */
    protected function prepareForValidation(): void
    {
        if ($this->is('api/*')) {
            $this->merge(['person' => $this->user()?->person->slug ?? '', 'days' => $this->filled('first')]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $bounds = ['after:-1 year', 'before:+3 years'];
        $when = $this->boolean('days')
            ? [
                'first' => ['bail', 'required', 'string', 'date_format:Y-m-d', ...$bounds],
                'last' => [
                    'bail',
                    'required',
                    'string',
                    'date_format:Y-m-d',
                    $this->compared('after_or_equal', 'first'),
                    ...$bounds,
                ],
            ]
            : [
                'from' => ['bail', 'required', 'string', 'date', ...$bounds],
                'to' => ['bail', 'required', 'string', 'date', $this->compared('after', 'from'), ...$bounds],
            ];

        return $when + [
            'person' => ['required', 'string', 'exists:people,slug'],
            'days' => ['required', 'boolean'],
            'kind' => ['required', Rule::enum(AbsenceKind::class)],
            'held' => ['nullable', Rule::enum(HeldPolicy::class)],
            'hand_back' => ['nullable', Rule::enum(HandBackPolicy::class)],
            'only' => ['array'],
            'only.*' => [$this->isCriteria(...)],
            'note' => ['nullable', 'string', 'max:' . TextLimits::NOTE],
            'substitutes' => ['array', 'max:' . self::MOST_SUBSTITUTES],
            'substitutes.*' => [
                'required',
                'string',
                'distinct',
                'exists:people,slug',
                Rule::notIn([$this->string('person')->toString()]),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'first.*' => 'Give the first day, no more than a year ago.',
            'last.*' => 'Give the last day: not before the first, and within three years.',
            'person.*' => 'Choose a person.',
            'from.*' => 'Give the moment from which on, no more than a year ago.',
            'to.*' => 'Give the moment until when: after the first, and within three years.',
            'substitutes.*.not_in' => 'Nobody is their own substitute.',
            'substitutes.*.distinct' => 'Somebody is named twice.',
        ];
    }

    public function person(): Person
    {
        return $this->named()->firstOrFail();
    }

    /** @return Builder<Person> */
    private function named(): Builder
    {
        return Person::query()->where('slug', $this->string('person')->toString());
    }

    public function terms(): AbsenceTerms
    {
        $days = $this->boolean('days');
        $moment = fn(string $name): ?CarbonImmutable => $days
            ? null
            : CarbonImmutable::parse($this->string($name)->toString())->utc();

        $substitutes = array_values(array_filter((array) $this->input('substitutes', []), is_string(...)));

        return new AbsenceTerms(
            AbsenceKind::from($this->string('kind')->toString()),
            $days ? $this->string('first')->toString() : null,
            $days ? $this->string('last')->toString() : null,
            $moment('from'),
            $moment('to'),
            $this->filled('note') ? $this->line('note') : null,
            $substitutes,
            array_intersect_key($this->criteria(), array_flip($substitutes)),
            HeldPolicy::tryFrom($this->string('held')->toString()) ?? HeldPolicy::FallsDue,
            HandBackPolicy::tryFrom($this->string('hand_back')->toString()) ?? HandBackPolicy::Untouched,
        );
    }

    /** @return array<array-key, array<string, mixed>> of substitutes who stand in for some work only, by slug */
    private function criteria(): array
    {
        /** @var array<array-key, array<string, mixed>> $criteria */
        $criteria = array_filter(
            (array) $this->input('only', []),
            static fn(mixed $one): bool => is_array($one) && $one !== [],
        );

        return $criteria;
    }

    private function isCriteria(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            if ($value !== null && $value !== []) {
                (new CriteriaFormat(app(SnapshotSource::class)->current()->ruleContext()))->read(
                    Node::root(json_decode((string) json_encode($value))),
                );
            }
        } catch (DocumentError $error) {
            $fail(app(Words::class)->fault($error->faults[0]));
        }
    }
}
