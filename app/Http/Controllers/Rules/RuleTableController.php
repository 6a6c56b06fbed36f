<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Http\Invalid;
use App\Http\Pages\Rules\RulebookPage;
use App\Http\Pages\Rules\RuleTablePage;
use App\Http\PartialReload;
use App\Models\Rules\RulebookVersion;
use App\Rules\LockedDraft;
use App\RuleTables\AlikeRules;
use App\Tables\TableWriter;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\TextLimits;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Rules that stand together and are alike, as a table; the rules are what they are. */
final class RuleTableController
{
    /** Bytes of a table that is read. */
    private const LARGEST = 1 << 20;

    public function show(Request $request, RuleTablePage $page, RulebookPage $rulebook): Response|RedirectResponse
    {
        $id = self::asked($request);
        // A page that is open goes on without it: it may be what was just taken out.
        if ($rulebook->rules()->find($id) === null && PartialReload::of($request) === null) {
            return redirect('/rulebook');
        }
        $revision = LockedDraft::revision();
        if ($request->filled('known') && $request->integer('known') === $revision) {
            PartialReload::of($request)?->leaveOut(RulebookPage::OF_A_REVISION);
        }

        return Inertia::render('Rulebook/RuleTable', $page->props($id, $revision));
    }

    /** The tables of the rules that are worked on. */
    public function index(RuleTablePage $page): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);

        return new JsonResponse(['tables' => $page->all()]);
    }

    public function export(
        Request $request,
        RuleTablePage $page,
        RulebookPage $rulebook,
        Words $words,
    ): StreamedResponse {
        $id = self::asked($request);
        abort_if($rulebook->rules()->find($id) === null, 404);
        $ids = $page->ids($id);
        $rules = array_map(static fn(string $id): array => AlikeRules::plain($rulebook->rules()->find($id)), $ids);
        $table = $page->table($rules[0]);

        return TableWriter::response(
            'rules',
            static fn(TableWriter $writer) => $table->write($rules, self::names($words), $writer),
        );
    }

    /** What a table from a spreadsheet says, for rules alike with the one that is given; nothing is changed. */
    public function read(Request $request, RuleTablePage $page, Words $words): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        [$rule, $table] = [$request->json('rule'), $request->json('table')];
        if (!is_array($rule)) {
            throw Invalid::at('rule', 'This is missing.');
        }
        if (!is_string($table) || strlen($table) > self::LARGEST) {
            throw Invalid::at('table', 'A table is a text of at most {most} MB.', most: self::LARGEST >> 20);
        }

        return new JsonResponse([
            'rows' => array_map(
                static fn(array $row): array => ['values' => (object) $row['values']] + $row,
                $page->table($rule)->read($table, self::names($words)),
            ),
        ]);
    }

    private static function names(Words $words): string
    {
        return $words->say('rule_table.name');
    }

    /** The rule that a table is asked for by. */
    private static function asked(Request $request): string
    {
        Gate::authorize('write', RulebookVersion::class);
        $request->validate(['rule' => ['required', 'string', 'max:' . TextLimits::ID]]);

        return $request->string('rule')->toString();
    }
}
