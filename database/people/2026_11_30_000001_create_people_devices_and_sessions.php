<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    protected $connection = 'people';

    public function up(): void
    {
        $people = Schema::connection('people');
        $people->create('people', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('role');
            $table->string('password')->nullable();
            $table->string('pin')->nullable();
            $table->rememberToken();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        $people->create('devices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->string('name')->default('');
            $table->string('digest')->unique();
            $table->timestamp('seen_at')->nullable();
            $table->timestamps();
        });
        $people->create('pairings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->string('digest')->unique();
            $table->timestamp('until');
        });
        $people->create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        // tries of passwords and codes, for all workers of the server
        $people->create('tries', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration');
        });
    }
};
