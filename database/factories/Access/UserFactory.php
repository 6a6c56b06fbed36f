<?php

declare(strict_types=1);

namespace Database\Factories\Access;

use App\Models\Access\Role;
use App\Models\Access\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;
use Spatie\Permission\Models\Role as RoleRow;

/**
 * Sign-ins that belong to nobody of the roster.
 *
 * @extends Factory<User>
 */
final class UserFactory extends Factory
{
    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => 'Outsider',
            'email' => Str::ulid()->toBase32() . '@alderquill.example',
            'password' => 'port-selwyn',
        ];
    }

    public function who(Role $role): self
    {
        return $this->afterCreating(static function (User $user) use ($role): void {
            RoleRow::findOrCreate($role->value);
            $user->assignRole($role->value);
        });
    }
}
