<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Brief\SentenceReader;
use IronLatch\Core\Brief\Stock;
use IronLatch\Core\Build\Drawer;

/** Briefs of different makers, each with what its first draft has to be, written down before any was drafted. */
final class Briefs
{
    /**
     * @return iterable<string, array{string, array<string, string>, 2?: string}> sentence; what the first draft holds, as patterns on its
     *     figures; the reason where no draft is free of faults
     */
    public static function all(): iterable
    {
        // One line without a network: nothing dearer than the smallest controllers, and a supply of the least power.
        yield 'one lamp in the wall' => ['a lamp, a wall switch, 230 V, in a wall box', [
            'box' => '/wall box/', 'feeding' => '/5 V from a mains module/', 'missed' => '/^$/', 'decided' => '/5 V, 3 W/',
        ]];
        yield 'no neutral at the box' => ['a lamp and a fan, push buttons, network, 230 V, in a wall box, no neutral', [
            'box' => '/wall box/', 'feeding' => '/plug-in adapter/', 'carrier' => '/ESP|radio/', 'missed' => '/^$/',
        ]];
        // North American cords are gauges, and a heat belt may not start by itself.
        yield 'fermentation at 120 V' => ['a heat belt, a cooler and a fan, 120 V, in a case, push buttons', [
            'decided' => '/wires of 1[0-8] AWG/', 'missed' => '/^$/',
        ]];
        // No mains: no mains fuse, no live conductor, and the 12 V that is there feeds everything.
        yield 'pumps on 12 V' => ['a valve and two fans, 12 V, push buttons', [
            'feeding' => '/12 V that is there/', 'decided' => '/^(?!.*(?:fuse|live conductor))/',
        ]];
        // Mains and 12 V on one board: the valve has a rail of its own voltage, and a diode across it.
        yield 'a valve beside mains' => ['a worktop lamp, two fans and a water valve, push buttons, 230 V, in a case', [
            'decided' => '/“Water valve” is fed from the rail 12 V.*a diode lies across “Water valve”/', 'missed' => '/^$/',
        ]];
        yield 'lamps on a rail' => [
            'four lamps, push buttons, network, 230 V, on a rail',
            ['box' => '/^Rail enclosure/', 'missed' => '/^$/'],
        ];
        yield 'esp8266' => ['three lamps, network, esp8266, 230 V, in a case', ['carrier' => '/^ESP8266/', 'box' => '/^Sealed/']];
        yield 'rp2040' => ['four fans, push buttons, rp2040, 230 V, in a case', ['carrier' => '/^RP2040/', 'box' => '/^Sealed/']];
        yield 'atmega on a lead' => ['five lamps, a remote, atmega328p, 230 V, in a box on a lead', [
            'carrier' => '/^ATmega328P/', 'decided' => '/outlet with earth/', 'missed' => '/^$/',
        ]];
        // A bare module is soldered: it needs a program before mains, and a header for that.
        yield 'assembled' => ['two lamps, network, esp32, assembled, 230 V, in a case', [
            'carrier' => '/^ESP32 bare module/', 'form' => '/assembled/', 'school' => '/transistor/',
        ]];
        yield 'ready modules, two sets of contacts by hand' => ['six lamps, wall switches, ready modules, 230 V, in a case', [
            'school' => '/ready modules/', 'form' => '/hand-wired/', 'missed' => '/^$/',
        ]];
        // 16 relays and 16 switches are more than any carrier leads out: an expander comes to help.
        yield 'sixteen lines' => ['ten lamps, six fans, wall switches, network, 230 V, in a case', [
            'decided' => '/MCP23017|PCF8574/',
        ]];
        yield 'esp32-s3' => ['eight lamps, two pumps, wall switches, esp32-s3, 230 V, in a case', ['carrier' => '/^ESP32-S3/']];
        yield 'a price that cannot be met' => ['four lamps, network, 230 V, in a case, under 10', ['missed' => '/more than 10.00 €/']];
        yield 'an outline that nothing keeps' => ['three lamps, 230 V, in a case, no larger than 50 x 40 mm, at most 5 different parts', [
            'missed' => '/^\d+ different parts, not 5; its plan takes \d+ × \d+ mm/',
        ]];
        yield 'more than a small controller has pins' => [
            'eight lamps, wall switches, esp32-c3, no expander, 230 V',
            [],
            '/16 functions find no pin/',
        ];
        yield 'a network on a chip without radio' => ['two lamps, network, atmega328p, 230 V', [], '/it has no radio/'];
        yield 'from a drawer that lacks a relay' => [
            'two lamps, 230 V, only from the drawer',
            [],
            '/no relay for 5 V|is not to be had|goes together/',
        ];
        yield 'from a drawer that holds enough' => ['two lamps, push buttons, 230 V, only from the drawer', [
            'carrier' => '/^ESP8266 carrier, D labels/', 'decided' => '/5 V, 5 W/',
        ]];
    }

    public static function brief(string $sentence): Brief
    {
        return SentenceReader::read($sentence)->brief;
    }

    /** A drawer with a controller and all that goes with it; another one lacks the relay. */
    public static function stock(string $sentence): Stock
    {
        $parts = ['esp8266-carrier-30', 'module-5v-5w', 'npn-2n2222', 'fuse-ceramic-2', 'sealed-158-90-60'];
        $relays = str_contains($sentence, 'push buttons') ? ['reinforced-5v'] : [];

        return str_contains($sentence, 'drawer') ? new Stock(new Drawer(array_fill_keys([...$parts, ...$relays], 4.0))) : new Stock();
    }
}
