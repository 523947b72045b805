<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Bench rounds, references, instruments and practice; what a reading was taken with and between. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('bench')->nullable()->comment('size and screws of the bench, mm');
        });
        Schema::table('points', function (Blueprint $table): void {
            foreach (['x', 'y', 'z'] as $axis) {
                $table->decimal("chart_sigma_{$axis}_mm", 12, 6)->nullable()->comment('where the reference was measured itself');
            }
        });
        Schema::create('reference_sources', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('code', 40);
            $table->string('name', 120);
            $table->enum('kind', ['chart', 'lengths', 'sister', 'survey']);
            $table->json('points')->comment('id, at and sigma in mm');
            $table->json('remarks')->comment('what stays free, what contradicts itself');
            $table->boolean('in_force')->default(false)->comment('whether the points of the job carry it');
            $table->timestamps();
            $table->unique(['job_id', 'code']);
        });
        Schema::create('bench_rounds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->enum('kind', ['level', 'square', 'set']);
            $table->json('input')->comment('mm and degrees');
            $table->decimal('worst_mm', 12, 4);
            $table->boolean('good');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at', 3);
        });
        Schema::create('instruments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->enum('kind', ['tram-bar', 'tape', 'plumb-bob', 'height-staff', 'level']);
            $table->decimal('reach_mm', 10, 3)->nullable();
            $table->decimal('sigma', 10, 4)->nullable()->comment('mm, degrees for a level');
            $table->decimal('offset', 10, 4)->default(0)->comment('what it reads too much; mm, degrees for a level');
            $table->timestamp('checked_at')->nullable();
            $table->json('last_check')->nullable();
            $table->char('token_hash', 64)->nullable()->unique();
            $table->foreignId('survey_id')->nullable()->constrained()->nullOnDelete();
            $table->json('simulated')->nullable()->comment('seed, slop, misreads and damages of a stand-in');
            $table->timestamps();
            $table->unique(['workshop_id', 'name']);
        });
        Schema::create('instrument_requests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('instrument_id')->constrained()->cascadeOnDelete();
            $table->foreignId('survey_id')->constrained()->cascadeOnDelete();
            $table->string('client_id', 40);
            $table->string('kind', 20);
            $table->json('points');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at', 3);
            $table->timestamp('answered_at', 3)->nullable();
            $table->unique(['survey_id', 'client_id']);
        });
        Schema::table('readings', function (Blueprint $table): void {
            $table->enum('edge', ['near', 'far'])->nullable()->comment('edges that a length was taken between');
            $table->decimal('offset_mm', 10, 4)->nullable()->comment('what its tool reads too much, by its check of the day');
            $table->foreignId('instrument_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::create('blocked_readings', function (Blueprint $table): void {
            $table->foreignId('survey_id')->constrained()->cascadeOnDelete();
            $table->string('reading', 100)->comment('kind and points');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at', 3);
            $table->primary(['survey_id', 'reading']);
        });
        Schema::create('practice_runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('seed');
            $table->enum('level', ['apprentice', 'journeyman', 'master']);
            $table->json('readings');
            $table->json('statement')->nullable();
            $table->unsignedTinyInteger('score')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::table('readings', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('instrument_id');
            $table->dropColumn(['edge', 'offset_mm']);
        });
        array_map(Schema::dropIfExists(...), ['practice_runs', 'blocked_readings', 'instrument_requests', 'instruments', 'bench_rounds', 'reference_sources']);
        Schema::table('points', fn (Blueprint $table) => $table->dropColumn(['chart_sigma_x_mm', 'chart_sigma_y_mm', 'chart_sigma_z_mm']));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('bench'));
    }
};
