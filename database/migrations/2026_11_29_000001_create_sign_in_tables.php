<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** People who sign in, what they may, and what was done with it. */
return new class extends Migration {
    public function up(): void
    {
        $this->users();
        $this->personalAccessTokens();
        $this->permissions();
        $this->roles();
        $this->modelHasPermissions();
        $this->modelHasRoles();
        $this->roleHasPermissions();
        $this->sessions();
        $this->signInAttempts();
        $this->invitations();
        $this->activityLog();
    }

    private function users(): void
    {
        Schema::create('users', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            // Addresses are kept as Address spells them, and compared by every character.
            $table->string('email', 200)->collation('utf8mb4_nopad_bin')->unique();
            $table->string('password');
            $table->rememberToken();
            // In which the product speaks to them; null: that of the house.
            $table->string('locale', 12)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
        });
    }

    private function personalAccessTokens(): void
    {
        Schema::create('personal_access_tokens', static function (Blueprint $table): void {
            $table->id();
            $table->string('tokenable_type');
            $table->ulid('tokenable_id');
            $table->string('name');
            $table->string('token', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->text('abilities')->nullable();
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at')->nullable();
            $table->timestamps();
            $table->index(['tokenable_type', 'tokenable_id']);
        });
    }

    private function permissions(): void
    {
        Schema::create('permissions', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('guard_name', 60);
            $table->timestamps();
            $table->unique(['name', 'guard_name']);
        });
    }

    private function roles(): void
    {
        Schema::create('roles', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('guard_name', 60);
            $table->timestamps();
            $table->unique(['name', 'guard_name']);
        });
    }

    private function modelHasPermissions(): void
    {
        Schema::create('model_has_permissions', static function (Blueprint $table): void {
            $table->foreignId('permission_id')->constrained()->cascadeOnDelete();
            $table->string('model_type');
            $table->ulid('model_id');
            $table->index(['model_id', 'model_type']);
            $table->primary(['permission_id', 'model_id', 'model_type']);
        });
    }

    private function modelHasRoles(): void
    {
        Schema::create('model_has_roles', static function (Blueprint $table): void {
            $table->foreignId('role_id')->constrained()->cascadeOnDelete();
            $table->string('model_type');
            $table->ulid('model_id');
            $table->index(['model_id', 'model_type']);
            $table->primary(['role_id', 'model_id', 'model_type']);
        });
    }

    private function roleHasPermissions(): void
    {
        Schema::create('role_has_permissions', static function (Blueprint $table): void {
            $table->foreignId('permission_id')->constrained()->cascadeOnDelete();
            $table->foreignId('role_id')->constrained()->cascadeOnDelete();
            $table->primary(['permission_id', 'role_id']);
        });
    }

    private function sessions(): void
    {
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->charset('ascii')->collation('ascii_bin')->primary();
            $table->ulid('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
    }

    private function signInAttempts(): void
    {
        Schema::create('sign_in_attempts', static function (Blueprint $table): void {
            // A digest of whose attempts are counted.
            $table->char('key', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $table->unsignedInteger('failures');
            $table->timestamp('waits_until')->nullable();
            $table->timestamp('forgotten_at')->index();
        });
    }

    private function invitations(): void
    {
        Schema::create('invitations', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->unique()->constrained()->cascadeOnDelete();
            $table->char('token', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->timestamp('expires_at');
            $table->timestamps();
        });
    }

    private function activityLog(): void
    {
        Schema::create('activity_log', static function (Blueprint $table): void {
            $table->id();
            $table->string('log_name')->nullable()->index();
            // It names people and rules, which have long names.
            $table->string('description', 2000);
            $table->string('subject_type')->nullable();
            $table->ulid('subject_id')->nullable();
            $table->string('event')->nullable();
            $table->string('causer_type')->nullable();
            $table->ulid('causer_id')->nullable();
            // The rules of a draft that was discarded stand in it.
            $table->longText('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamps();
            $table->index(['causer_type', 'causer_id'], 'causer');
            $table->index(['subject_type', 'subject_id'], 'subject');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('activity_log');
        Schema::dropIfExists('invitations');
        Schema::dropIfExists('sign_in_attempts');
        Schema::dropIfExists('sessions');
        Schema::dropIfExists('role_has_permissions');
        Schema::dropIfExists('model_has_roles');
        Schema::dropIfExists('model_has_permissions');
        Schema::dropIfExists('roles');
        Schema::dropIfExists('permissions');
        Schema::dropIfExists('personal_access_tokens');
        Schema::dropIfExists('users');
    }
};
