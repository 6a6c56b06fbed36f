<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\People\RosterImportRequest;
use App\Http\Viewer;
use App\Models\House\House;
use App\People\ImportRoster;
use App\People\RosterFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\DocumentError;

/** The roster as a file, out and in. What comes in is looked at first. */
final class RosterFileController
{
    public function export(Request $request): Response
    {
        Gate::authorize('exportRoster', House::class);
        $form = RosterFile::tryFrom($request->string('form')->toString()) ?? RosterFile::Json;

        return new Response($form->write(), 200, [
            'Content-Type' => $form->type(),
            'Content-Disposition' => "attachment; filename=\"roster.{$form->value}\"",
        ]);
    }

    /** What a file would add, change and remove. */
    public function preview(RosterImportRequest $request, ImportRoster $import): JsonResponse
    {
        return new JsonResponse(
            $this->located($request, static fn(): array => $import->preview($request->document(), $request->removes())),
        );
    }

    public function import(RosterImportRequest $request, Viewer $viewer, ImportRoster $import): JsonResponse
    {
        return new JsonResponse(
            $this->located($request, static function () use ($request, $viewer, $import): array {
                $import($request->document(), $request->removes(), $viewer->actor());

                return ['imported' => true];
            }),
        );
    }

    /**
     * @template T
     *
     * @param callable(): T $do
     *
     * @return T
     *
     * @throws DocumentError with what is wrong by its place in the file
     */
    private function located(RosterImportRequest $request, callable $do): mixed
    {
        try {
            return $do();
        } catch (DocumentError $error) {
            throw $request->form()->located($error);
        }
    }
}
