<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    protected $connection = 'people';

    public function up(): void
    {
        Schema::connection('people')->create('yards', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('folder')->unique();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        // the one that is there anyway, in the folder of the data itself
        DB::connection('people')->table('yards')->insert(['id' => 1, 'name' => 'Yard', 'folder' => '', 'created_at' => Carbon::now(), 'updated_at' => Carbon::now()]);
    }
};
