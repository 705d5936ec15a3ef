<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\PeopleFile;
use App\Shelf\Actions\LoadReferenceComponents;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;

/** A test through HTTP, on a database with the reference components. */
abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase {
        migrateDatabases as private migrateAlone;
    }

    /** Each test begins with the yard and without people. */
    protected $connectionsToTransact = ['sqlite', 'people'];

    /** Once for all tests: each works in a transaction on top of that. */
    protected function migrateDatabases(): void
    {
        $this->migrateAlone();
        PeopleFile::prepare();
        $this->app->make(LoadReferenceComponents::class)();
    }
}
