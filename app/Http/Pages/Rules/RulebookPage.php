<?php

declare(strict_types=1);

namespace App\Http\Pages\Rules;

use App\Bridge\CheckedRules;
use App\Bridge\IdentifiedRules;
use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Words\Words;
use Closure;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Rulebook\KindRegistry;

/**
 * The rulebook: what is in force, the draft, earlier versions. What the rules take of the recent work is asked for
 * apart. Its type is RulebookPage.ts.
 */
final readonly class RulebookPage
{
    private const VERSIONS = 50;

    /** How many rules are sent at once: a screen of them, and what is scrolled to next. */
    private const FIRST_RULES = 30;

    /** What a page that has this revision of the rules is not sent again. */
    public const OF_A_REVISION = ['rules', 'firstRules'];

    /** What stands of a version in a line: all but its rules, which may be large. */
    private const LINE = ['id', 'number', 'note', 'published_at', 'saved_by', 'saved_by_system', 'state'];

    public function __construct(private Viewer $viewer, private CheckedRules $checked) {}

    /**
     * @param int $revision read before the draft itself, so that a page never takes an older draft for a newer one
     *
     * @return array<string, Closure(): mixed>
     */
    public function props(int $revision): array
    {
        return [
            'vocabulary' => fn(): array => (new Vocabulary(KindRegistry::standard()))->of($this->viewer->snapshot()),
            'published' => $this->published(...),
            'draft' => $this->draftLine(...),
            'planned' => $this->planned(...),
            'rules' => fn(): array => $this->rules()->lines(),
            'firstRules' => fn(): array => $this->rules()->first(self::FIRST_RULES),
            'draftRevision' => static fn(): int => $revision,
            'recentDays' => static fn(): int => config()->integer('baton.recent_days'),
            'versions' => static fn(): array => RulebookVersion::query()
                ->with('savedBy')
                ->whereNotNull('number')
                ->orderByDesc('number')
                ->limit(self::VERSIONS)
                ->get(self::LINE)
                ->map(self::line(...))
                ->all(),
            'mayWrite' => fn(): bool => $this->viewer->user()->can('write', RulebookVersion::class),
        ];
    }

    /** The rules that are worked on: of the draft, and else those in force. */
    public function rules(): IdentifiedRules
    {
        return once(fn(): IdentifiedRules => IdentifiedRules::workedOn($this->draft()));
    }

    /** @return array<string, mixed> */
    public static function line(RulebookVersion $version): array
    {
        return [
            'id' => $version->id,
            'number' => (int) $version->number,
            'note' => $version->note,
            'publishedAt' => Moment::orNull($version->published_at),
            'by' => $version->author(),
        ];
    }

    /**
     * @param list<Fault> $faults
     *
     * @return list<array{pointer: string, member: string, reason: string, unfinished: bool}>
     */
    public static function faults(array $faults): array
    {
        return array_map(
            static fn(Fault $fault): array => [
                'pointer' => $fault->pointer,
                'member' => self::memberOf($fault),
                'reason' => app(Words::class)->fault($fault),
                'unfinished' => $fault->unfinished,
            ],
            $faults,
        );
    }

    /** The last name on the way to it: of /rules/1/give/pool/people/0 "people", of a kind that is missing the part. */
    private static function memberOf(Fault $fault): string
    {
        $names = array_filter(
            [...explode('/', $fault->pointer), $fault->missing ?? '0'],
            static fn(string $one): bool => !ctype_digit($one) && $one !== 'kind',
        );

        return (string) end($names);
    }

    /** @return array<string, mixed>|null */
    private function published(): ?array
    {
        $published = RulebookVersion::query()->with('savedBy')->published()->first(self::LINE);

        return $published === null ? null : self::line($published);
    }

    /** @return array<string, mixed>|null what is published by itself when its time has come */
    private function planned(): ?array
    {
        $planned = $this->viewer->user()->can('write', RulebookVersion::class)
            ? RulebookVersion::query()
                ->with('savedBy')
                ->planned()
                ->first([...self::LINE, 'publish_at', 'fault'])
            : null;

        return $planned === null
            ? null
            : [
                'at' => Moment::orNull($planned->publish_at),
                'by' => $planned->author(),
                'note' => $planned->note,
                'fault' => $planned->fault,
            ];
    }

    private function draft(): ?RulebookVersion
    {
        return once(
            fn(): ?RulebookVersion => $this->viewer->user()->can('write', RulebookVersion::class)
                ? RulebookVersion::query()->with('savedBy')->draft()->first()
                : null,
        );
    }

    /** @return array<string, mixed>|null */
    private function draftLine(): ?array
    {
        $draft = $this->draft();

        return $draft === null
            ? null
            : [
                'id' => $draft->id,
                'savedBy' => $draft->author(),
                'savedAt' => Moment::orNull($draft->updated_at),
                'faults' => self::faults(
                    $this->checked->faults(array_values((array) $draft->rules), $this->viewer->snapshot()),
                ),
            ];
    }
}
