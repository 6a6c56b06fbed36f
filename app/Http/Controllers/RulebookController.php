<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DiscardDraft;
use App\Actions\DraftInTurn;
use App\Actions\PublishDraft;
use App\Actions\SaveDraft;
use App\Bridge\RulebookReader;
use App\Http\Pages\Catches;
use App\Http\Pages\Moment;
use App\Http\Pages\Vocabulary;
use App\Models\RulebookVersion;
use App\Models\VersionState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\DocumentError;

final class RulebookController
{
    private const MOST_RULES = 5000;

    public function show(Reader $reader, RulebookReader $rulebooks): Response
    {
        Gate::authorize('viewAny', RulebookVersion::class);
        $revision = DraftInTurn::revision();
        $snapshot = $reader->snapshot();
        $catches = new Catches($snapshot, $rulebooks);
        $published = RulebookVersion::query()->with('savedBy')->where('state', VersionState::Published)->first();
        $draft = RulebookVersion::query()->with('savedBy')->where('state', VersionState::Draft)->first();

        return Inertia::render('Rulebook/Rulebook', [
            'vocabulary' => Vocabulary::of($snapshot),
            'published' => $published === null ? null : $this->line($published) + ['rules' => $published->rules],
            'draft' => $draft === null ? null : [
                'rules' => $draft->rules,
                'savedBy' => $draft->savedBy?->name,
                'savedAt' => Moment::orNull($draft->updated_at),
                'check' => $catches->ofDraft($draft),
            ],
            'draftRevision' => $revision,
            'strip' => $catches->ofPublished($published),
            'recentDays' => config()->integer('baton.recent_days'),
            'versions' => RulebookVersion::query()->with('savedBy')->whereNotNull('number')->orderByDesc('number')->limit(50)
                ->get(['id', 'number', 'note', 'published_at', 'saved_by', 'state'])->map($this->line(...))->all(),
            'mayWrite' => $reader->user()->can('write', RulebookVersion::class),
        ]);
    }

    /** The rules of an earlier version, to look at or to take up as a draft. */
    public function version(RulebookVersion $version): JsonResponse
    {
        Gate::authorize('viewAny', RulebookVersion::class);

        return new JsonResponse($this->line($version->load('savedBy')) + ['rules' => $version->rules]);
    }

    /** @return array<string, mixed> */
    private function line(RulebookVersion $version): array
    {
        return [
            'id' => $version->id,
            'number' => (int) $version->number,
            'note' => $version->note,
            'publishedAt' => Moment::orNull($version->published_at),
            'by' => $version->savedBy?->name,
        ];
    }

    public function saveDraft(Request $request, Reader $reader, SaveDraft $save, RulebookReader $rulebooks): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $given = $request->validate([
            'rules' => ['present', 'array', 'list', 'max:'.self::MOST_RULES],
            'rules.*' => ['array'],
            'rules.*.id' => ['required', 'string', 'distinct', 'max:120'],
            'revision' => ['required', 'integer'],
        ]);
        /** @var list<array<string, mixed>> $rules */
        $rules = $request->json()->all()['rules'] ?? $given['rules'];
        $saved = $save($rules, $request->integer('revision'), $reader->user());

        return new JsonResponse(['revision' => $saved->revision, 'check' => (new Catches($reader->snapshot(), $rulebooks))->ofDraft($saved->version)]);
    }

    public function discardDraft(Request $request, Reader $reader, DiscardDraft $discard): RedirectResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $request->validate(['revision' => ['required', 'integer']]);
        $discard($request->integer('revision'), $reader->user());

        return redirect('/rulebook')->with('done', 'The draft is discarded.');
    }

    public function publish(Request $request, Reader $reader, PublishDraft $publish): RedirectResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $request->validate(['revision' => ['required', 'integer'], 'note' => ['nullable', 'string', 'max:255']]);
        try {
            $version = $publish($request->integer('revision'), $request->filled('note') ? $request->string('note')->toString() : null, $reader->user());
        } catch (DocumentError $error) {
            return back()->with('problem', 'The draft is not published: '.$error->faults[0]->reason);
        }

        return redirect('/rulebook')->with('done', "Version {$version->number} is published.");
    }
}
