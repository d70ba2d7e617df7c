<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Record\Fact;

/** An empty board with one rail and the usual NPN driver. */
final class NewBoard
{
    /** Where a board stands until somebody calls that otherwise. */
    public const PLACE = 'The box';
    private const AMBIENT_CELSIUS = 40.0;
    public const BASE_OHMS = 470.0;
    public const BASE_EMITTER_OHMS = 10e3;

    public static function with(
        string $name,
        Carrier $carrier,
        Chip $chip,
        MainsSystem $mains,
        Supply $supply,
        Relay $relay,
        Transistor $transistor,
    ): Board {
        $parts = [];
        foreach ([$carrier, $chip, $mains, $supply, $relay, $transistor] as $part) {
            $parts[$part->identity()->id] = $part;
        }

        return new Board(
            $name,
            new McuFacts($carrier->identity->id, 'R1'),
            new ProgramFacts(
                self::radioOf($chip),
                self::outputOrder(),
            ),
            $mains->identity->id,
            self::ambient(),
            ['R1' => new Rail(sprintf('%g V', $supply->output->typ), $supply->identity->id)],
            [],
            [],
            [],
            [],
            [],
            [],
            ['H' => 1, 'R' => 1],
            new LineDefaults(
                $relay->identity->id,
                new NpnLowSide($transistor->identity->id, self::BASE_OHMS, self::BASE_EMITTER_OHMS),
                'R1',
            ),
            new HouseRules(),
            [],
            $parts,
            places: ['H1' => new HousePlace(self::PLACE, PlaceKind::Box)],
        );
    }

    /**
     * The air at the coils until the maker states it, in °C.
     *
     * @return Fact<float>
     */
    public static function ambient(): Fact
    {
        return Fact::assumed(self::AMBIENT_CELSIUS, 'usual in a closed box');
    }

    /**
     * @return Fact<OutputOrder>
     */
    public static function outputOrder(): Fact
    {
        return Fact::assumed(OutputOrder::LevelFirst, 'as the constants for the firmware ask for it');
    }

    /**
     * What is assumed of the radio until the maker states it.
     *
     * @return Fact<bool>
     */
    public static function radioOf(Chip $chip): Fact
    {
        return $chip->radio
            ? Fact::assumed(true, 'this controller is usually chosen for its radio')
            : Fact::assumed(false, 'this controller has no radio');
    }
}
