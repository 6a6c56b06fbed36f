<?php

declare(strict_types=1);

use App\Database\TableBlueprint;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** People who sign in, what they may, and what was done with it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('users', static function (TableBlueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            // Addresses are kept as Address spells them, and compared by every character.
            $table->slug('email', 200)->unique();
            $table->string('password');
            $table->rememberToken();
            // In which the product speaks to them; null: that of the house.
            $table->code('locale', 12)->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
        });

        Schema::create('personal_access_tokens', static function (TableBlueprint $table): void {
            $table->id();
            $table->string('tokenable_type');
            $table->ulid('tokenable_id');
            $table->string('name');
            $table->code('token', 64)->unique();
            $table->text('abilities')->nullable();
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at')->nullable();
            $table->timestamps();
            $table->index(['tokenable_type', 'tokenable_id']);
        });

        Schema::create('permissions', static function (TableBlueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('guard_name', 60);
            $table->timestamps();
            $table->unique(['name', 'guard_name']);
        });

        Schema::create('roles', static function (TableBlueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('guard_name', 60);
            $table->timestamps();
            $table->unique(['name', 'guard_name']);
        });

        Schema::create('model_has_permissions', static function (TableBlueprint $table): void {
            $table->foreignId('permission_id')->constrained()->cascadeOnDelete();
            $table->string('model_type');
            $table->ulid('model_id');
            $table->index(['model_id', 'model_type']);
            $table->primary(['permission_id', 'model_id', 'model_type']);
        });

        Schema::create('model_has_roles', static function (TableBlueprint $table): void {
            $table->foreignId('role_id')->constrained()->cascadeOnDelete();
            $table->string('model_type');
            $table->ulid('model_id');
            $table->index(['model_id', 'model_type']);
            $table->primary(['role_id', 'model_id', 'model_type']);
        });

        Schema::create('role_has_permissions', static function (TableBlueprint $table): void {
            $table->foreignId('permission_id')->constrained()->cascadeOnDelete();
            $table->foreignId('role_id')->constrained()->cascadeOnDelete();
            $table->primary(['permission_id', 'role_id']);
        });

        Schema::create('sessions', static function (TableBlueprint $table): void {
            $table->code('id', 255)->primary();
            $table->ulid('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });

        Schema::create('sign_in_attempts', static function (TableBlueprint $table): void {
            // A digest of whose attempts are counted.
            $table->digest('key')->primary();
            $table->unsignedInteger('failures');
            $table->timestamp('waits_until')->nullable();
            $table->timestamp('forgotten_at')->index();
        });

        Schema::create('invitations', static function (TableBlueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->unique()->constrained()->cascadeOnDelete();
            $table->digest('token')->unique();
            $table->timestamp('expires_at');
            $table->timestamps();
        });

        Schema::create('activity_log', static function (TableBlueprint $table): void {
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
