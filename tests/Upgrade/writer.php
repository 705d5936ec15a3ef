<?php

declare(strict_types=1);

// Writes plants without pause, and tells each once it was confirmed, until it is killed; see BackupTest.

use App\Plants\Actions\SavePlant;
use App\Plants\Actions\WritePlantEvent;
use App\Plants\Models\Plant;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

for ($i = 0; true; ++$i) {
    $name = "Round $argv[1], $i";
    DB::transaction(static function () use ($app, $name): void {
        $plant = $app->make(SavePlant::class)(new Plant(), ['name' => $name, 'plant_group' => 'airy_conifers']);
        $app->make(WritePlantEvent::class)($plant, 'note', text: 'As it came');
    });
    fwrite(STDOUT, $name."\n");
}
