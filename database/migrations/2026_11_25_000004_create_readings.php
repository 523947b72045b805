<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The logbook: rows are added, never changed or deleted. A correction is a new row that supersedes, or a strike with a reason. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('survey_id')->constrained()->cascadeOnDelete();
            $table->string('client_id', 40)->comment('made by the client, so that a repeated send is stored once');
            $table->unsignedInteger('number')->comment('place in the log of its survey');
            $table->string('kind', 20);
            $table->foreignId('from_point_id')->constrained('points');
            $table->foreignId('to_point_id')->nullable()->constrained('points');
            $table->string('typed', 60)->comment('the value as typed');
            $table->enum('typed_unit', ['mm', 'in', 'deg'])->comment('what a bare number meant');
            $table->decimal('value_mm', 14, 6)->nullable();
            $table->decimal('value_deg', 12, 8)->nullable();
            $table->decimal('sigma', 12, 6)->nullable()->comment('mm or degrees, null for the usual one of its kind');
            $table->decimal('pointer_from_mm', 12, 6)->nullable();
            $table->decimal('pointer_to_mm', 12, 6)->nullable();
            $table->foreignId('supersedes_id')->nullable()->constrained('readings');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at', 3);
            $table->unique(['survey_id', 'client_id']);
            $table->unique(['survey_id', 'number']);
        });
        Schema::create('strikes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('reading_id')->constrained()->cascadeOnDelete();
            $table->enum('kind', ['struck', 'restored']);
            $table->string('reason', 500)->default('');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at', 3);
        });
        Schema::create('presences', function (Blueprint $table): void {
            $table->foreignId('survey_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->timestamp('seen_at', 3)->index();
            $table->primary(['survey_id', 'user_id']);
        });
    }

    public function down(): void
    {
        array_map(Schema::dropIfExists(...), ['presences', 'strikes', 'readings']);
    }
};
