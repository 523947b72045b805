<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Splices to practise: what a trainee did, in order; the rest follows from the seed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('practice_splices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('seed');
            $table->enum('level', ['apprentice', 'journeyman', 'master']);
            $table->json('actions');
            $table->unsignedTinyInteger('score')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('practice_splices');
    }
};
