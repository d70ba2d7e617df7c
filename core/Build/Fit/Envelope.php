<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

/** The box around a part for which no data sheet speaks: length × width × height in millimetres. All from memory, as parts usually are. */
final class Envelope
{
    public const SOURCE = 'envelopes of usual forms, from memory; sizes stated in the catalogue stand above them';

    /** A small relay as a cube. */
    public const CUBE = [19.0, 15.5, 15.5];
    /** A bare module of a controller with a radio, and what stays free before its antenna. */
    public const BARE_MODULE = [40.5, 18.0, 3.2];
    /** A resistor of 0.25 W lying on holes 10.16 mm apart; clamp diodes likewise. */
    public const LEADED = [11.4, 2.6, 2.6];
    /** A chip resistor 0805 with the room around it. */
    public const CHIP = [3.4, 2.0, 0.8];
    public const TRANSISTOR = [5.2, 4.4, 6.0];
    public const CHIP_TRANSISTOR = [3.6, 3.4, 1.3];
    public const CHIP_DIODE = [6.0, 3.2, 2.4];
    public const CERAMIC = [5.5, 3.0, 5.0];
    /** An integrated circuit in two rows, 7.62 mm apart. */
    public const DUAL_IN_LINE = [20.5, 10.2, 5.0];
    public const COUPLER = [10.2, 6.0, 5.0];
    /** A motor-run or X2 capacitor with what lies beside it. */
    public const FILM = [32.0, 18.0, 28.0];
    public const SUPPRESSOR = [27.0, 11.0, 19.0];
    public const FUSE_HOLDER = [23.0, 10.0, 13.0];
    public const SOCKET = [14.0, 9.0, 11.0];
    public const SMALL_BOARD = [25.0, 15.0, 10.0];
    public const TRANSFORMER = [26.0, 17.0, 25.0];
    /** Of a screw terminal at 5.08 mm, for each pole: its width; with length and height. */
    public const TERMINAL_PITCH = 5.08;
    public const TERMINAL = [10.0, 14.0];
    /** Of a lever clamp that joins several wires. */
    public const BAR_PITCH = 5.0;
    public const BAR = [18.0, 14.0];
    public const HEADER_PITCH = 2.54;
    public const HEADER = [2.6, 9.0];
    /** What a pair of socket strips lifts a controller by. */
    public const SOCKETS_HEIGHT = 8.5;
    /** Jumpers pushed onto its pins want that much above a board. */
    public const JUMPER_HEIGHT = 14.0;
    /** The board itself with the stubs below it and the stand-offs. */
    public const BOARD_HEIGHT = 6.6;
    /** A base plate with the screws of a module. */
    public const BASE_HEIGHT = 5.0;
    /** Wires bend before a terminal (common practice, no source). */
    public const BENDING = 15.0;
    /** Free before an antenna (module makers, from memory). */
    public const ANTENNA = 15.0;
    /** Of relays from coil to contacts where nothing better is stated (domain practice, from memory). */
    public const BASIC_GAP = 3.8;
    public const REINFORCED_GAP = 8.0;

    /** Electrolytic capacitors at 16 V: up to so many farads, diameter and height. */
    private const ELECTROLYTIC = [
        [47e-6, 5.0, 11.0],
        [220e-6, 6.5, 12.0],
        [470e-6, 8.5, 13.0],
        [1000e-6, 10.5, 17.0],
        [2200e-6, 13.0, 21.0],
    ];
    private const LARGEST_ELECTROLYTIC = [18.5, 36.0];

    /** Ready modules by relays: across from contacts to input, along the contacts, height. */
    private const MODULES = [1 => [43.0, 17.0, 19.0], 2 => [51.0, 39.0, 19.0], 4 => [55.0, 75.0, 19.0], 8 => [56.0, 138.0, 19.0]];

    /** @return array{float, float, float} */
    public static function electrolytic(float $farads): array
    {
        foreach (self::ELECTROLYTIC as [$most, $diameter, $height]) {
            if ($farads <= $most * 1.01) {
                return [$diameter, $diameter, $height];
            }
        }

        return [self::LARGEST_ELECTROLYTIC[0], self::LARGEST_ELECTROLYTIC[0], self::LARGEST_ELECTROLYTIC[1]];
    }

    /** @return array{float, float, float} of the least ready module that has so many relays */
    public static function module(int $relays): array
    {
        foreach (self::MODULES as $most => $size) {
            if ($relays <= $most) {
                return $size;
            }
        }
        $rows = (int) ceil($relays / 8);

        return [self::MODULES[8][0], $rows * self::MODULES[8][1], self::MODULES[8][2]];
    }
}
