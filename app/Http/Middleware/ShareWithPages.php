<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Pages\Navigation;
use App\Http\Pages\StatusStrip;
use App\Http\Stamps;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use Illuminate\Http\Request;
use Inertia\Middleware;

/** What every page gets: who looks, the status strip, the stamp of what they see. */
final class ShareWithPages extends Middleware
{
    /** The prop of what an action says. */
    public const NOTICE = 'notice';

    protected $rootView = 'app';

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $user = $request->user();

        return [
            ...parent::share($request),
            'viewer' =>
                $user instanceof User
                    ? [
                        'name' => $user->name,
                        'slug' => $user->person?->slug,
                        'administers' => $user->can('administer', User::class),
                        'creates' => $user->can('create', Task::class),
                        'places' => Navigation::of($user),
                    ]
                    : null,
            'status' => static fn(): ?array => $user instanceof User ? app(StatusStrip::class)->props() : null,
            'stamp' => static fn(): string => $user instanceof User ? (new Stamps())->all() : '',
            self::NOTICE => [
                'done' => $request->session()->get('done'),
                'problem' => $request->session()->get('problem'),
                'undo' => $request->session()->get('undo'),
            ],
        ];
    }
}
