<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What happened while a job was done: a log that is only added to, and steps that a person put into the run sheet. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('log_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('client_id', 64)->comment('made where it was written: sent twice, it is stored once');
            $table->string('step', 80);
            $table->string('kind', 20);
            $table->text('text');
            $table->json('data')->nullable()->comment('reading in mm, and what it meant');
            $table->foreignId('picture_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('supersedes')->nullable()->constrained('log_entries')->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at', 3);
            $table->unique(['job_id', 'client_id']);
            $table->index(['job_id', 'id']);
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('own_steps')->nullable()->comment('steps of the run sheet that a person put in');
        });
    }

    public function down(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropColumn('own_steps');
        });
        Schema::dropIfExists('log_entries');
    }
};
