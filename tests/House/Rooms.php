<?php

declare(strict_types=1);

namespace Tests\House;

/** The rooms of the house from the ground up. What stands further down a list may import what stands before it, never the other way round. */
final class Rooms
{
    /** Layers of the core: what a mix is, a pot in its place, what time does to it, what is judged, what is done, what is asked. */
    public const CORE = ['Basis', 'Mix', 'Place', 'Course', 'Verdict', 'Work', 'Question'];

    /** Subjects of the application. Their controllers may ask every subject; nothing else of a subject looks up. */
    public const APP = ['Common', 'Sheets', 'Http', 'People', 'Calibration', 'Shelf', 'Pots', 'Recipes', 'Situations', 'Blend', 'Instruments', 'Weather', 'Bench', 'Batches', 'Plants', 'Search', 'PottingDays', 'Outcomes', 'Trials', 'Diary', 'Lookup', 'Season', 'Irrigation', 'Today', 'Truth', 'Trainer', 'Files', 'Console', 'Providers'];

    /** The front end. */
    public const UI = ['styles', 'i18n', 'api', 'drawing', 'kit', 'places', 'shell', '.'];

    /** By what a subject is met from outside; the rest of it is its own. */
    public const DOORS = [
        'People' => ['PeopleFile', 'Role', 'Actions/SavePerson', 'Models/*', 'OpenYard', 'Http/InYard'],
        'Calibration' => ['InUse', 'Models/Calibration'],
        'Shelf' => ['OtherNames', 'Models/*', 'Portions', 'TakenApart', 'MixFigures', 'Measured', 'Actions/SaveLot', 'Actions/SaveMix', 'Actions/TakeFromShelf', 'Actions/MoveStock', 'ComponentByName', 'ComponentChanged', 'ReferenceComponents', 'Actions/LoadReferenceComponents', 'ComponentPresenter', 'ComponentSheet', 'LotSheet', 'MovementListing'],
        'Pots' => ['Models/Pot', 'PotsNear', 'PotPresenter', 'PotSheet', 'PotFile'],
        'Recipes' => ['Models/*', 'Actions/SaveRecipe', 'PartsForm', 'RecipePortions', 'RecipePresenter', 'Rinsed', 'RecipeFile', 'RecipeListing'],
        'Situations' => ['Models/*', 'SituationForm', 'SpeciesFields', 'ReferenceSpecies', 'Actions/LoadReferenceSpecies', 'SiteListing'],
        'Blend' => ['BlendForm', 'SectionDocument', 'VerdictRow', 'Comparison', 'ContentsDocument', 'LayersDocument', 'PotOffer', 'BallRoom', 'ToppleDocument'],
        'Batches' => ['Models/Batch', 'LoadPlan', 'BatchListing'],
        'Instruments' => ['WeatherStation', 'IrrigationController', 'InstrumentFault'],
        'Weather' => ['SiteWeather', 'WeatherSheet', 'Models/WeatherDay'],
        'Bench' => ['Models/BenchTest', 'Models/Vessel', 'SieveTestSheet', 'ComponentFile', 'RefreshMeasured', 'TestListing', 'TestDocument'],
        'Plants' => ['BeforePotted', 'Models/*', 'PlantSituation', 'Standing', 'StandsIn', 'Carried', 'KeptSoil', 'Seen', 'Proportions', 'Outlook', 'PlantPresenter', 'InspectionForm', 'PotChecks', 'PhotoStore', 'Picture', 'PlantSheet', 'HistorySheet', 'PlantFile', 'TaskListing', 'CheckListing', 'WaterStates', 'WaterNow', 'SeasonPots', 'Growth', 'GrowthSheet', 'StoodFigures', 'Actions/*'],
        'Search' => [],
        'PottingDays' => ['Models/PottingDay', 'Models/DayPlant', 'DayDocument', 'DayListing', 'RecipeUses'],
        'Outcomes' => [],
        'Trials' => [],
        'Diary' => [],
        'Lookup' => [],
        'Season' => [],
        'Irrigation' => ['ZoneFields'],
        'Today' => [],
        'Truth' => ['ModelNotice', 'ReferencePanel', 'Actions/RecomputeForecasts'],
        'Trainer' => [],
    ];
}
