<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Access\Speaker;
use App\Http\Pages\Customers\CustomerWords;
use App\Http\Requests\Customers\CustomerSaysRequest;
use App\Models\Customers\CustomerLink;
use App\Models\House\House;
use App\Models\Tasks\Comment;
use App\Models\Tasks\TaskFile;
use App\Tasks\AttachFile;
use App\Tasks\CommentOn;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/**
 * What whoever asked for something sees of it under their own address: where it is, and what they have said themselves.
 */
final class CustomerLinkController
{
    private const MOST = 100;

    public function show(string $secret, CustomerWords $words): Response|View
    {
        $task = CustomerLink::by($secret)->with('task')->first()?->task;
        $house = House::query()->firstOrFail();
        if ($task === null) {
            return response()->view('customer', ['house' => (string) $house->name, 'task' => null], 404);
        }

        return view('customer', [
            'house' => (string) $house->name,
            'secret' => $secret,
            'task' => $task,
            'status' => $words->of($task->status, $house),
            'zone' => $house->zone,
            'said' => Comment::query()
                ->where('task_id', $task->id)
                ->where('from_customer', true)
                ->latest('at')
                ->limit(self::MOST)
                ->get(['body', 'at']),
            'files' => TaskFile::query()
                ->where('task_id', $task->id)
                ->where('from_customer', true)
                ->latest('at')
                ->limit(self::MOST)
                ->get(['name', 'at']),
        ]);
    }

    public function say(
        string $secret,
        CustomerSaysRequest $request,
        CommentOn $comment,
        AttachFile $attach,
    ): RedirectResponse {
        $task = $request->task();
        $file = $request->upload();
        if ($request->body() !== '') {
            $comment($task, $request->body(), [], Speaker::customer());
        }
        if ($file !== null) {
            $attach($task, $file, Speaker::customer());
        }

        return redirect("/requests/{$secret}")->with('sent', true);
    }
}
