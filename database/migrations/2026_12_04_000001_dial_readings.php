<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a dial that reads by itself has sent of a shaft, until it is put into a sheet. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('instruments', function (Blueprint $table): void {
            $table->enum('kind', ['tram-bar', 'tape', 'plumb-bob', 'height-staff', 'level', 'dial'])->change();
        });
        Schema::create('dial_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('instrument_id')->constrained()->cascadeOnDelete();
            $table->string('client_id', 40);
            $table->double('station')->comment('mm along the shaft');
            $table->double('angle')->comment('degrees');
            $table->double('value')->comment('mm, standing out: plus');
            $table->timestamp('created_at')->nullable();
            $table->unique(['instrument_id', 'client_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('dial_readings');
        DB::table('instruments')->where('kind', 'dial')->delete();
        Schema::table('instruments', function (Blueprint $table): void {
            $table->enum('kind', ['tram-bar', 'tape', 'plumb-bob', 'height-staff', 'level'])->change();
        });
    }
};
