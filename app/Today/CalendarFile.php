<?php

declare(strict_types=1);

namespace App\Today;

use App\Common\Words;
use App\Plants\Models\CareTask;
use App\PottingDays\Models\PottingDay;
use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VCalendar;

/** Open tasks and potting days as an iCalendar file that a phone takes or subscribes to (RFC 5545): all-day entries with stable names. */
final class CalendarFile
{
    private const MOST = 2000;

    public static function write(): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Zolbek//Care//EN']);
        $calendar->add('X-WR-CALNAME', Words::of('care.calendar'));
        $tasks = CareTask::ofKeptPlants();
        $tasks->with('plant');
        $tasks->where('state', 'open');
        $tasks->orderBy('due_on');
        $tasks->limit(self::MOST);
        foreach ($tasks->get() as $task) {
            $plant = $task->plant;
            $sentence = $task->kind === 'own' ? $task->note : Words::of('care.task.'.$task->kind);
            $event = $calendar->createComponent('VEVENT', [], false);
            $event->add('UID', 'task-'.$task->id.'@zolbek');
            $event->add('DTSTAMP', $task->updated_at->utc()->toDateTime());
            $event->add('DTSTART', $task->due_on->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('DTEND', $task->due_on->copy()->addDay()->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('SUMMARY', $plant->number.' '.$plant->name.': '.$sentence);
            $event->add('DESCRIPTION', trim(($task->ends_by === 'date' ? '' : Words::of('care.until.'.$task->ends_by)).' '.$task->note));
            if ($plant->place !== '') {
                $event->add('LOCATION', $plant->place);
            }
            $event->add('TRANSP', 'TRANSPARENT');
            if ($task->every_days !== null && $task->until_on !== null) {
                $event->add('RRULE', ['FREQ' => 'DAILY', 'INTERVAL' => $task->every_days, 'UNTIL' => $task->until_on->format('Ymd')]);
            }
            $calendar->add($event);
        }
        $days = PottingDay::query();
        $days->whereNull('archived_at');
        $days->where('status', '!=', 'finished');
        foreach ($days->get() as $day) {
            $event = $calendar->createComponent('VEVENT', [], false);
            $event->add('UID', 'day-'.$day->id.'@zolbek');
            $event->add('DTSTAMP', Carbon::now()->utc()->toDateTime());
            $event->add('DTSTART', $day->planned_on->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('DTEND', $day->planned_on->copy()->addDay()->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('SUMMARY', Words::of('care.potting_day', ['name' => $day->name]));
            $calendar->add($event);
        }

        return $calendar->serialize();
    }
}
