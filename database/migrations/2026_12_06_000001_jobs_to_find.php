<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a job is found by among hundreds, and what its surveys are called. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('plate', 40)->default('');
            $table->string('frame_number', 60)->default('');
            $table->string('odometer', 40)->default('')->comment('as it was read off');
            $table->string('customer_reference', 80)->default('');
            $table->text('notes')->nullable();
        });
        Schema::table('surveys', function (Blueprint $table): void {
            $table->string('name', 120)->default('')->comment('as people call it; empty: by its code');
        });
    }

    public function down(): void
    {
        Schema::table('surveys', function (Blueprint $table): void {
            $table->dropColumn('name');
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropColumn(['plate', 'frame_number', 'odometer', 'customer_reference', 'notes']);
        });
    }
};
