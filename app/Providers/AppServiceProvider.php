<?php

declare(strict_types=1);

namespace App\Providers;

use App\Bench\RefreshMeasured;
use App\Calibration\InUse;
use App\Common\LockingConnector;
use App\Common\LogBook;
use App\Instruments\IrrigationController;
use App\Instruments\WeatherStation;
use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Shelf\ComponentChanged;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(InUse::class);
        $this->app->bind('db.connector.sqlite', LockingConnector::class);
        $this->app->bind(IrrigationController::class, static fn($app): IrrigationController => $app->make(config()->array('instruments')['irrigation_controller']));
        $this->app->bind(WeatherStation::class, static fn($app): WeatherStation => $app->make(config()->array('instruments')['weather_station']));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Model::unguard();
        JsonResource::withoutWrapping();
        Event::listen(QueryExecuted::class, LogBook::slow(...));
        Event::listen(ComponentChanged::class, RefreshMeasured::class);
        // a group that is smaller or larger now takes as many pots and litres on the days to come
        Plant::updated(static fn(Plant $plant) => $plant->wasChanged('count') ? DayPlant::query()->where('plant_id', $plant->id)->where('state', 'planned')->update(['count' => $plant->many()]) : null);
        Pot::resolveRelationUsing('plants', static fn(Pot $pot) => $pot->hasMany(Plant::class)->whereNull('plants.archived_at'));
        Pot::resolveRelationUsing('planned', static fn(Pot $pot) => $pot->hasMany(DayPlant::class)->where('state', 'planned')
            ->whereHas('plant', static fn($plant) => $plant->whereColumn('plants.pot_id', '!=', 'day_plants.pot_id')->orWhereNull('plants.pot_id'))
            ->whereIn('potting_day_id', PottingDay::query()->whereNull('archived_at')->where('status', '!=', 'finished')->select('id')));
    }
}
