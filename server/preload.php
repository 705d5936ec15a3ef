<?php

declare(strict_types=1);

// Reads the core, the application and whatever they build on once for all workers, before the first of them starts.

$files = require __DIR__.'/../vendor/composer/autoload_classmap.php';
spl_autoload_register(static function (string $class) use ($files): void {
    if (isset($files[$class])) {
        require_once $files[$class];
    }
});
foreach (array_keys($files) as $class) {
    // commands are no part of it
    if (preg_match('/^(Zolbek\\\\Core|App(?!\\\\Console))\\\\/', $class) === 1) {
        class_exists($class) || interface_exists($class) || trait_exists($class) || enum_exists($class);
    }
}
