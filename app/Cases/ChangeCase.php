<?php

declare(strict_types=1);

namespace App\Cases;

use App\Access\Actor;
use App\Bridge\HouseAt;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Comment;
use App\Models\Tasks\HandoffCause;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Rulebook\Event\CommentAdded;
use OpenBaton\Core\Rulebook\Event\Mentioned;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\SubjectKind;

/** What people change on a case besides where it stands. */
final readonly class ChangeCase
{
    public function __construct(private EditCase $edit) {}

    /**
     * @param int|null    $seen       the revision that was looked at; null: whatever it is now
     * @param string|null $personSlug null: nobody
     */
    public function give(
        CustomerCase $case,
        ?int $seen,
        ?string $personSlug,
        ?string $reason,
        HandoffCause $cause,
        Actor $by,
    ): CustomerCase {
        return ($this->edit)(
            $case->id,
            $seen,
            new CaseEdit(
                $cause === HandoffCause::Claim ? 'claimed' : 'handed_on',
                static fn(CaseAtHand $hand): CaseSubject => $hand->case->heldBy($personSlug),
                $reason,
                $cause,
            ),
            $by,
        );
    }

    /**
     * @param Node $set title, tags, and values of the fields of the house by path; null empties one
     */
    public function fields(CustomerCase $case, int $seen, Node $set, Actor $by): CustomerCase
    {
        $set->only(['title', 'tags', 'facts']);
        $title = $set->find('title')?->line(TextLimits::NAME);
        $tags = $set->has('tags')
            ? array_map(static fn(Node $tag): string => $tag->line(TextLimits::TAG), $set->itemsOf('tags'))
            : null;

        return ($this->edit)(
            $case->id,
            $seen,
            new CaseEdit('edited', static function (CaseAtHand $hand, HouseAt $house) use (
                $set,
                $title,
                $tags,
            ): CaseSubject {
                $after = $title === null ? $hand->case : $hand->case->withField(CaseFields::TITLE, $title);
                foreach (GivenFacts::read($set->find('facts'), $house->snapshot) as $path => $value) {
                    $after = $after->withField($path, $value);
                }

                return $tags === null ? $after : self::tagged($after, $tags);
            }),
            $by,
        );
    }

    /** @param list<string> $mentions people who are spoken to, by slug; they watch it from then on */
    public function comment(CustomerCase $case, string $body, array $mentions, Actor $by): CustomerCase
    {
        $author = self::authorOn($case, $by);

        return ($this->edit)(
            $case->id,
            null,
            new CaseEdit(
                'commented',
                static fn(CaseAtHand $hand, HouseAt $house): CaseSubject => $hand->case
                    ->with(['comments' => $hand->case->comments + 1])
                    ->watchedBy(
                        array_values(
                            array_filter(
                                $mentions,
                                static fn(string $slug): bool => isset($house->snapshot->personIds[$slug]),
                            ),
                        ),
                    ),
                happened: [
                    new CommentAdded($author, SubjectKind::Matter),
                    ...array_map(
                        static fn(string $slug): Mentioned => new Mentioned($author, $slug, SubjectKind::Matter),
                        $mentions,
                    ),
                ],
                besides: static function (CustomerCase $row) use ($body, $mentions, $by): void {
                    Comment::query()->create([
                        'case_id' => $row->id,
                        'user_id' => $by->user?->id,
                        'from_customer' => false,
                        'body' => $body,
                        'mentions' => $mentions,
                        'at' => CarbonImmutable::now(),
                    ]);
                },
            ),
            $by,
        );
    }

    /** As what somebody speaks on a case. */
    public static function authorOn(CustomerCase $case, Actor $by): Author
    {
        $own = $by->user?->person !== null && $by->user->person->id === $case->owner_id;

        return $own ? Author::Holder : Author::Anyone;
    }

    public function watch(CustomerCase $case, string $personSlug, bool $watches, Actor $by): CustomerCase
    {
        return ($this->edit)(
            $case->id,
            null,
            new CaseEdit(
                $watches ? 'watched' : 'unwatched',
                static fn(CaseAtHand $hand): CaseSubject => $watches
                    ? $hand->case->watchedBy([$personSlug])
                    : $hand->case->with([
                        'watcherIds' => array_values(array_diff($hand->case->watcherIds, [$personSlug])),
                    ]),
            ),
            $by,
        );
    }

    /** @param list<string> $tags all that it has from now on */
    private static function tagged(CaseSubject $case, array $tags): CaseSubject
    {
        $after = $case->with(['tags' => []]);
        foreach ($tags as $tag) {
            $after = $after->tagged($tag);
        }

        return $after;
    }
}
