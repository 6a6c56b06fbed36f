<?php

declare(strict_types=1);

namespace App\Http\Pages\Access;

use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Access\AccessToken;
use App\Models\Access\Role;
use App\Models\Access\TokenAbility;
use App\Models\Access\User;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Closure;

/** Sign-ins and tokens, as administrators keep them. Its type is SignInsPage.ts. */
final readonly class SignInsPage
{
    public function __construct(private Viewer $viewer) {}

    /** @return array<string, Closure(): mixed> */
    public function props(): array
    {
        return [
            'signIns' => fn(): array => array_values(
                User::query()
                    ->with(['roles', 'person', 'invitation'])
                    ->withExists(['person as ' . User::GONE => Person::formerMembers(...)])
                    ->withMax('sessions as seen', 'last_activity')
                    ->withCount('sessions')
                    ->orderBy('name')
                    ->get()
                    ->map($this->signIn(...))
                    ->all(),
            ),
            'tokens' => static fn(): array => array_values(
                AccessToken::query()->with('tokenable')->orderBy('name')->get()->map(self::token(...))->all(),
            ),
            'people' => static fn(): array => array_values(
                Person::query()
                    ->whereNull('user_id')
                    ->where('active', true)
                    ->orderBy('name')
                    ->get(['slug', 'name', 'email'])
                    ->map(
                        static fn(Person $person): array => [
                            'value' => $person->slug,
                            'label' => $person->name,
                            'email' => $person->email,
                        ],
                    )
                    ->all(),
            ),
            'roles' => static fn(): array => array_column(Role::cases(), 'value'),
            'abilities' => static fn(): array => array_column(TokenAbility::cases(), 'value'),
        ];
    }

    /** @return array<string, mixed> */
    private function signIn(User $user): array
    {
        $seen = $user->getAttribute('seen');
        $invitation = $user->invitation;

        return [
            'id' => $user->id,
            'name' => $user->name,
            'email' => $user->email,
            'person' => $user->person?->slug,
            'roles' => $user->roles->pluck('name')->all(),
            'state' => match (true) {
                $user->ended_at !== null => 'ended',
                !$user->maySignIn() => 'gone',
                $invitation !== null && $invitation->expires_at > CarbonImmutable::now() => 'invited',
                default => 'open',
            },
            'invitedUntil' => Moment::orNull($invitation?->expires_at),
            'sessions' => (int) $user->sessions_count,
            'seenAt' => is_numeric($seen) ? Moment::of(CarbonImmutable::createFromTimestamp((int) $seen)) : null,
            'own' => $user->id === $this->viewer->user()->id,
        ];
    }

    /** @return array<string, mixed> */
    private static function token(AccessToken $token): array
    {
        $owner = $token->tokenable;

        return [
            'id' => (string) $token->id,
            'name' => $token->name,
            'owner' => $owner instanceof User ? $owner->name : '',
            'abilities' => $token->abilities,
            'usedAt' => Moment::orNull($token->last_used_at),
            'until' => Moment::orNull($token->expires_at),
            'over' => $token->expires_at !== null && $token->expires_at->isPast(),
        ];
    }
}
