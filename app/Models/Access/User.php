<?php

declare(strict_types=1);

namespace App\Models\Access;

use App\Models\Concerns\BootsByName;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Laravel\Sanctum\HasApiTokens;
use OpenBaton\Core\Subject\Author;
use Spatie\Permission\Traits\HasRoles;

/** A sign-in. Most belong to a person; an administrator or a system may not. */
final class User extends Authenticatable
{
    use BootsByName;
    use HasApiTokens;
    use HasRoles;
    use HasUlids;
    use Notifiable;

    public const LEADING_ROLES = [Role::Administrator->value, Role::Lead->value];

    /** Whether they lead, where it was asked for with the user. */
    public const LEADS = 'leads_house';

    /** Whether their person is gone, where it was asked for with the user. */
    public const GONE = 'person_gone';

    protected $table = 'users';

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    protected function casts(): array
    {
        return ['password' => 'hashed', 'ended_at' => 'immutable_datetime'];
    }

    /** @return HasOne<Invitation, $this> */
    public function invitation(): HasOne
    {
        return $this->hasOne(Invitation::class);
    }

    /** @return HasMany<OpenSession, $this> */
    public function sessions(): HasMany
    {
        return $this->hasMany(OpenSession::class);
    }

    /** @return HasOne<Person, $this> */
    public function person(): HasOne
    {
        return $this->hasOne(Person::class);
    }

    /** As whom they add something to a task. */
    public function authorOn(Task $task): Author
    {
        return $this->person !== null && $task->isHeldBy($this->person) ? Author::Holder : Author::Anyone;
    }

    /** Whether they may be signed in: neither has the sign-in ended, nor is its person gone from the house. */
    public function maySignIn(): bool
    {
        return $this->ended_at === null &&
            !($this->attributes[self::GONE] ?? Person::formerMembers($this->person()->getQuery())->exists());
    }

    /** Whether they decide who gets what. */
    public function leads(): bool
    {
        return (bool) ($this->attributes[self::LEADS] ?? $this->hasAnyRole(self::LEADING_ROLES));
    }
}
