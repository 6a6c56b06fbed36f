<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\TaskLine;
use App\Models\Task;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Finds tasks by number, title or customer. */
final class SearchController
{
    private const MOST = 12;

    public function __invoke(Request $request): JsonResponse
    {
        Gate::authorize('view', new Task());
        $text = trim($request->string('q')->limit(80, '')->toString());
        if (mb_strlen($text) < 2) {
            return new JsonResponse([]);
        }
        $like = '%'.addcslashes($text, '%_\\').'%';
        $number = ltrim($text, '№# ');
        $tasks = Task::query()->with(['kind', 'customer'])
            ->where(static function ($query) use ($like, $number): void {
                $query->where('title', 'like', $like)->orWhereHas('customer', static fn($customers) => $customers->where('name', 'like', $like));
                if (ctype_digit($number)) {
                    $query->orWhere('number', (int) $number);
                }
            })
            ->orderByRaw("status IN ('done', 'dropped')")->orderByDesc('arrived_at')->limit(self::MOST)->get();

        return new JsonResponse(array_values($tasks->map(TaskLine::of(...))->all()));
    }
}
