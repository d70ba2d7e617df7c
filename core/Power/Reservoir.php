<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Edit\Power\StateReservoir;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\PreferredValues;

/** The capacitance that carries a rail over its worst moment. */
final class Reservoir
{
    private const LEAST_FARADS = 47e-6;
    private const GREATEST_FARADS = 10e-3;

    /**
     * The least E6 value with which nothing on the rail suffers, as an edit; null when none helps, or the source could not start into it.
     */
    public static function fitting(Flows $flows, DriverAnalysis $drive, string $rail): ?StateReservoir
    {
        $board = $flows->board;
        // What the source cannot give for good, no capacitance carries.
        if (!Feed::of($board, $rail)->gives($flows->amps($rail, Scenario::allOn())->greatest, true)) {
            return null;
        }
        $most = $board->source($rail)->greatestFarads ?? self::GREATEST_FARADS;
        foreach (array_reverse(PreferredValues::e6Between(self::LEAST_FARADS, min($most, self::GREATEST_FARADS))) as $farads) {
            $edit = new StateReservoir($rail, $farads);
            $after = new Flows($edit->apply($board), $flows->draws);
            if (MarginState::Sound === (Dip::of($after, $drive, $rail)->margin?->state() ?? MarginState::Sound)) {
                return $edit;
            }
        }

        return null;
    }
}
