<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sheets of the running gear: what was entered for a calculator in a job, and what the job said of it then. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('worksheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('tool', 40);
            $table->string('title', 120);
            $table->json('given')->comment('as the calculator takes it, mm');
            $table->json('facts')->comment('what the job said when it was kept, mm');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('worksheets');
    }
};
