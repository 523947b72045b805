<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which places of a sheet are those of surveyed points. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('worksheets', function (Blueprint $table): void {
            $table->json('points')->nullable()->comment('point of the survey by path of the field');
        });
    }

    public function down(): void
    {
        Schema::table('worksheets', function (Blueprint $table): void {
            $table->dropColumn('points');
        });
    }
};
