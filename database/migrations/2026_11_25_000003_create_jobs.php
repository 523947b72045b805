<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('title', 200);
            $table->string('vehicle', 200)->default('');
            $table->enum('units', ['mm', 'in']);
            $table->json('frame')->comment('axles and carried items, as in the job file');
            $table->json('driveline')->nullable()->comment('as in the job file');
            $table->timestamps();
        });
        Schema::create('points', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('code', 40);
            $table->string('name', 120);
            $table->enum('side', ['left', 'right', 'centre']);
            $table->string('mate_code', 40)->nullable();
            $table->enum('feature_kind', ['hole', 'bolt', 'pin', 'edge', 'ball'])->nullable();
            $table->decimal('feature_diameter_mm', 12, 6)->nullable();
            foreach (['x', 'y', 'z'] as $axis) {
                $table->decimal("chart_{$axis}_mm", 14, 6)->nullable();
                $table->decimal("tolerance_{$axis}_mm", 12, 6);
            }
            $table->boolean('is_base');
            $table->unique(['job_id', 'code']);
        });
        Schema::create('surveys', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('code', 40);
            $table->enum('stage', ['before', 'tack', 'after', 'sister']);
            $table->unsignedInteger('revision')->default(0);
            $table->timestamps();
            $table->unique(['job_id', 'code']);
        });
        Schema::create('plan_operations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('code', 40);
            $table->enum('kind', ['stretch', 'shorten']);
            $table->decimal('at_mm', 14, 6);
            $table->decimal('length_mm', 14, 6);
            $table->decimal('kerf_mm', 10, 6)->default(0);
            $table->decimal('witness_mm', 12, 6)->default(100);
            $table->boolean('is_level')->default(false);
            $table->json('typed')->comment('lengths as typed');
            $table->unique(['job_id', 'code']);
        });
    }

    public function down(): void
    {
        array_map(Schema::dropIfExists(...), ['plan_operations', 'surveys', 'points', 'jobs']);
    }
};
