<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** People who come, change and leave: addresses compared letter by letter, links to choose a password, and a list of who changed what. */
return new class extends Migration
{
    public function up(): void
    {
        DB::table('users')->update(['email' => DB::raw('lower(email)')]);
        Schema::table('users', function (Blueprint $table): void {
            // Any other collation takes an é for an e, and one person for another.
            $table->string('email', 190)->collation('utf8mb4_bin')->change();
            $table->timestamp('invited_at')->nullable();
            $table->timestamp('deactivated_at')->nullable();
            $table->enum('unit', ['mm', 'in'])->nullable();
            $table->enum('theme', ['light', 'dark'])->nullable();
        });
        foreach (['password_reset_tokens', 'invitation_tokens'] as $tokens) {
            Schema::create($tokens, function (Blueprint $table): void {
                $table->string('email', 190)->collation('utf8mb4_bin')->primary();
                $table->string('token');
                $table->timestamp('created_at')->nullable();
            });
        }
        Schema::create('audit_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('who', 120)->comment('as they were called then');
            $table->string('action', 60);
            $table->string('about', 300)->default('');
            $table->timestamp('created_at')->nullable();
            $table->index(['workshop_id', 'id']);
        });
    }

    public function down(): void
    {
        array_map(Schema::dropIfExists(...), ['audit_entries', 'invitation_tokens', 'password_reset_tokens']);
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['invited_at', 'deactivated_at', 'unit', 'theme']);
            $table->string('email', 190)->collation('utf8mb4_unicode_ci')->change();
        });
    }
};
