<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Bridge\IdentifiedRules;
use App\Coverage\CoverageRuns;
use App\Http\Invalid;
use App\Http\Pages\Intake\MergedPreview;
use App\Http\Pages\Rules\BurdenView;
use App\Http\Pages\Rules\CoverageView;
use App\Http\Pages\Rules\RulebookPage;
use App\Http\Pages\Rules\RuleTrial;
use App\Http\PartialReload;
use App\Http\Requests\Rules\DraftRequest;
use App\Http\Requests\Rules\RulesRequest;
use App\Http\Requests\Rules\SaveDraftRequest;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Rules\BringBack;
use App\Rules\DiscardDraft;
use App\Rules\LockedDraft;
use App\Rules\PublishDraft;
use App\Rules\SaveDraft;
use App\Words\Words;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Text\MergedText;

final class RulebookController
{
    private const LONGEST_TEXT = 2000;

    public function show(Request $request, RulebookPage $page): Response
    {
        Gate::authorize('viewAny', RulebookVersion::class);

        $revision = LockedDraft::revision();
        if ($request->filled('known') && $request->integer('known') === $revision) {
            PartialReload::of($request)?->leaveOut(RulebookPage::OF_A_REVISION);
        }

        return Inertia::render('Rulebook/Rulebook', $page->props($revision));
    }

    /** Some of the rules that are worked on, as they come into view. */
    public function rules(RulesRequest $request, RulebookPage $page): JsonResponse
    {
        return new JsonResponse(['rules' => $page->rules()->only($request->ids())]);
    }

    /**
     * What the rules take of the recent work, as far as that is worked out: of those in force, or of a revision of the
     * draft.
     */
    public function coverage(Request $request): JsonResponse
    {
        Gate::authorize($request->filled('revision') ? 'write' : 'viewAny', RulebookVersion::class);
        $draft = $request->filled('revision') ? RulebookVersion::query()->draft()->first() : null;
        $published = RulebookVersion::query()->published()->first();
        $run = match (true) {
            $draft !== null && LockedDraft::revision() === $request->integer('revision') => CoverageRuns::forDraft(
                $draft,
                $request->integer('revision'),
            ),
            !$request->filled('revision') && $published !== null => CoverageRuns::forPublished($published),
            default => null,
        };

        return new JsonResponse([
            'coverage' => $run === null ? null : CoverageView::of($run->load(['version', 'against'])),
        ]);
    }

    /** Whom a revision of the draft would burden and relieve, by the recent work as far as it is worked out. */
    public function burden(Request $request, BurdenView $view): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $draft = RulebookVersion::query()->draft()->first();
        $run =
            $draft === null || LockedDraft::revision() !== $request->integer('revision')
                ? null
                : CoverageRuns::forDraft($draft, $request->integer('revision'));

        return new JsonResponse(['burden' => $run === null ? null : $view->of($run->load('version'))]);
    }

    /** A rule of the draft held against the recent work: how much of it each comparison takes, and who would get it. */
    public function tried(Request $request, Viewer $viewer, RuleTrial $trial): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $request->validate(['rule' => ['required', 'string', 'max:' . TextLimits::ID]]);
        $version = $viewer->workedOn();

        return new JsonResponse([
            'trial' => $version === null ? null : $trial->of($version, $request->string('rule')->toString()),
        ]);
    }

    /** A text with fields merged in, on a real task; what is wrong with it. */
    public function merged(Request $request, MergedPreview $preview): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $request->validate([
            'text' => ['required', 'string', 'max:' . self::LONGEST_TEXT],
            'number' => ['nullable', new Whole(1)],
        ]);
        try {
            $text = MergedText::parse($request->string('text')->toString());
        } catch (Refusal $refusal) {
            throw Invalid::at('text', $refusal->pattern, ...$refusal->slots);
        }

        return new JsonResponse([
            'preview' => $preview->of($text, $request->filled('number') ? $request->integer('number') : null),
        ]);
    }

    /** The rules of an earlier version, to look at or to take up as a draft. */
    public function version(RulebookVersion $version): JsonResponse
    {
        Gate::authorize('view', $version);

        return new JsonResponse(RulebookPage::line($version->load('savedBy')) + ['rules' => $version->rules]);
    }

    public function saveDraft(SaveDraftRequest $request, Viewer $viewer, SaveDraft $save): JsonResponse
    {
        $rules = $request->draftRules();
        $saved = $save($rules, $request->integer('revision'), $viewer->actor());

        return new JsonResponse([
            'revision' => $saved->revision,
            'faults' => RulebookPage::faults($saved->faults),
            'hashes' => (object) IdentifiedRules::hashes($rules),
        ]);
    }

    public function discardDraft(DraftRequest $request, Viewer $viewer, DiscardDraft $discard): RedirectResponse
    {
        $discard($request->revision(), $viewer->actor());

        return redirect('/rulebook')->with('done', app(Words::class)->say('said.draft_discarded'));
    }

    public function publish(DraftRequest $request, Viewer $viewer, PublishDraft $publish): RedirectResponse
    {
        $at = $request->at();

        return self::told(
            static fn(): string => $at === null
                ? self::inForce($publish($request->revision(), $request->note(), $viewer->actor()))
                : app(Words::class)->say('said.publishing_planned', [
                    'moment' => $viewer
                        ->words()
                        ->moment(
                            Instant::format(
                                (int) $publish
                                    ->at($at, $request->revision(), $request->note(), $viewer->actor())
                                    ->publish_at?->getTimestamp(),
                            ),
                        ),
                ]),
        );
    }

    /** What waits for its time is a draft again. */
    public function takeBack(Viewer $viewer, PublishDraft $publish): RedirectResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $publish->takeBack($viewer->actor());

        return redirect('/rulebook')->with('done', app(Words::class)->say('said.planned_taken_back'));
    }

    /** The rules of an earlier version are in force again. */
    public function bringBack(RulebookVersion $version, Viewer $viewer, BringBack $bringBack): RedirectResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        abort_if($version->number === null, 404);

        return self::told(static fn(): string => self::inForce($bringBack($version, $viewer->actor())));
    }

    private static function inForce(RulebookVersion $version): string
    {
        return app(Words::class)->say('said.published', ['number' => (int) $version->number]);
    }

    /** @param Closure(): string $publish what it says once that is done */
    private static function told(Closure $publish): RedirectResponse
    {
        try {
            return redirect('/rulebook')->with('done', $publish());
        } catch (DocumentError $error) {
            return back()->with(
                'problem',
                app(Words::class)->say('said.not_published', ['reason' => app(Words::class)->fault($error->faults[0])]),
            );
        }
    }
}
