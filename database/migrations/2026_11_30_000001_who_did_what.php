<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('activities', static function (Blueprint $table): void {
            $table->id();
            $table->timestamp('done_at');
            $table->integer('person_id')->nullable();
            $table->string('person')->default('');
            $table->string('method');
            $table->string('route');
            $table->string('path');
            $table->string('name')->default('');
            $table->json('undo')->nullable();
            // by what a device names a tap that it may have to send again
            $table->string('once', 64)->nullable()->unique();
            $table->index(['person', 'id']);
        });
    }
};
