<?php

declare(strict_types=1);

namespace App\Http\Requests\Levelling;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Levelling\LevelTerms;
use App\Models\Levelling\Levelling;
use App\Models\People\Team;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Levelling\Measure;
use OpenBaton\Core\Workload\LoadMeasure;

/** Whose work is to be levelled, and on which terms. */
final class LevelRequest extends InputRequest
{
    private const MOST_TEAMS = 200;

    public function authorize(): bool
    {
        return $this->user()?->can('create', Levelling::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'teams' => ['nullable', 'array', 'max:' . self::MOST_TEAMS],
            'teams.*' => ['string', 'distinct', Rule::exists(Team::class, 'slug')],
            'first' => ['nullable', Rule::enum(Measure::class)],
            'days' => ['nullable', Rule::in(LevelTerms::DAYS)],
            'most_moves' => ['nullable', new Whole(1, LevelTerms::MOST_MOVES)],
            'least_saving' => ['nullable', new Whole(0, LevelTerms::MOST_SAVING)],
            'bars_peaks' => ['nullable', 'boolean'],
            'working' => ['nullable', 'boolean'],
        ];
    }

    /** @return list<string> slugs; none: everybody */
    public function teams(): array
    {
        return array_values(array_filter((array) $this->validated('teams'), is_string(...)));
    }

    public function terms(): LevelTerms
    {
        $first = $this->enum('first', Measure::class);

        return new LevelTerms(
            $first === null ? [] : [$first],
            $this->filled('days') ? $this->integer('days') : 5,
            $this->filled('most_moves') ? $this->integer('most_moves') : null,
            $this->leastSaving(),
            $this->boolean('bars_peaks'),
            $this->boolean('working'),
        );
    }

    /** In whole parts of what load is measured in: it is said in minutes, in tasks or in as many of the field. */
    private function leastSaving(): int
    {
        $said = $this->integer('least_saving');

        return app(Viewer::class)->snapshot()->roster->measure->isTime() ? $said : LoadMeasure::parts($said);
    }
}
