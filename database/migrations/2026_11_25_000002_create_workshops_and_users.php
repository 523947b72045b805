<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('workshops', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->unsignedTinyInteger('inch_denominator')->default(32);
            $table->decimal('tram_reach_mm', 10, 3)->default(2500);
            $table->json('driveline_limits')->nullable();
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->enum('role', ['technician', 'inspector', 'owner']);
            $table->rememberToken();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        array_map(Schema::dropIfExists(...), ['users', 'workshops']);
    }
};
