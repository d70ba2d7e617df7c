<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Review\Inspection;

/** The program of a board, ready to build: its own header, what it is built with, and how it comes onto the chip. */
final class ProgramFiles
{
    /** Chips that the layer of registers knows. */
    public const CHIPS = ['atmega328p'];

    private const WIRING = <<<'TEXT'

        ## First the wiring

        1. Mains stays away: everything here is tried at low voltage, with lamps in place of appliances or none.
        2. Build and upload `trial` (`make trial`). Its serial line says every contact, key and sensor as it is read, with both
           names of each pin; `n` walks the relays one by one, `o` puts them off.
        3. Go through the continuity list. Only then build and upload the program itself.

        TEXT;
    private const BUILD = <<<'TEXT'

        ## Build

        `make` builds `program.hex` and `trial.hex` for the %s with avr-gcc and avr-libc; nothing else is needed.
        Built and run here with avr-gcc 5.4 and avr-libc 2.0, on a simulated chip.

        TEXT;
    private const WHERE = <<<'TEXT'

        ## What is where

        - `constants.h`: all that the program knows of this board. It is written by Iron Latch: change the board, not this file.
        - `latch/`: the program itself, the same for every board. Follow one line: a contact moves (`contact` in `program.cpp`),
          rests (`settled` in `inputs.cpp`), asks for something (`act` in `lines.cpp`), and its line closes its relay (`settle`,
          `close`, `drive`).
        - `loop/`: reads what changed, tells the program, writes what it says; `avr/`: the registers of the chip.
        - `trial/`: the trial of the wiring.

        TEXT;

    /** Files that a trial of the wiring has no use for, and those that a chip without a network has none for. */
    private const OF_THE_PROGRAM = [
        'loop/loop.cpp', 'loop/serial_way.cpp', 'loop/serial_way.h', 'loop/ways.h', 'loop/ways_serial.cpp', 'latch/inputs.cpp',
        'latch/kept.cpp', 'latch/lines.cpp', 'latch/links.cpp', 'latch/program.cpp', 'latch/rules.cpp',
    ];
    private const OF_THE_NETWORK = ['sketch/network.h', 'sketch/sockets.h', 'sketch/clients.h', 'sketch/join.h', 'sketch/address.h'];
    private const SKETCH_WIRING = <<<'TEXT'

        ## First the wiring

        1. Mains stays away: everything here is tried at low voltage, with lamps in place of appliances or none.
        2. Open `NAME_trial/NAME_trial.ino`, build and upload it. Its serial line says every contact, key and sensor as it is read,
           with both names of each pin; `n` walks the relays one by one, `o` puts them off.
        3. Go through the continuity list. Only then build and upload `NAME/NAME.ino`.

        TEXT;
    private const SKETCH_BUILD = <<<'TEXT'

        ## Build

        Open `NAME/NAME.ino` in the environment that you use for this controller. Where there is a `secrets.example.h`, copy it to
        `secrets.h` beside it and fill it in: that file is yours alone. Leave "" where there is no user or password. Write addresses
        in numbers, as `192.168.1.5`: a name is looked up once, at the start, and everything is off for up to 6 s until it is found.
        Of its environment it uses what every controller of this kind has: pins, clock, serial line, the two-wire bus, memory that is
        emulated in flash, and the network; no library besides.
        TRIED

        TEXT;
    private const SKETCH_WHERE = <<<'TEXT'

        ## What is where

        - `NAME/src/latch/constants.h`: all that the program knows of this board. Change the board, not this file.
        - `NAME/src/latch/`: the program itself, the same for every board. Follow one line: a contact moves (`contact` in
          `program.cpp`), rests (`settled` in `inputs.cpp`), asks for something (`act` in `lines.cpp`), and its line closes its relay
          (`settle`, `close`, `drive`).
        - `NAME/src/loop/`: reads what changed, tells the program, writes what it says; `link/`: broker and panel; `sketch/`: pins, bus,
          sensors and network by the customary interface.
        - `NAME_trial/`: the trial of the wiring.

        TEXT;

    /** Whether the program goes through the registers of its chip; all others go through the customary interface. */
    public static function isByRegisters(Inspection $inspection): bool
    {
        return in_array($inspection->controller->chip->identity->id, self::CHIPS, true);
    }

    public static function isFor(Inspection $inspection): bool
    {
        return self::isByRegisters($inspection) || null !== SketchChip::of($inspection);
    }

    /** Until a hung loop is reset, as far as the chip and its core let that be set. */
    public static function watchdogMilliseconds(Inspection $inspection): int
    {
        $wanted = ProgramTables::watchdogMilliseconds($inspection->board->program->watchdogSeconds->value ?? null);

        return SketchChip::of($inspection)?->watchdogMilliseconds($wanted) ?? $wanted;
    }

    /** The plan of the program that is handed over: it never waits for what it reaches, and seeks nothing that it cannot. */
    public static function plan(Inspection $inspection): ProgramPlan
    {
        return ProgramPlan::of($inspection->board, $inspection->controls)->reaching(Way::reached($inspection));
    }

    /**
     * @param list<string> $remarks that stand above everything
     * @param array<string, list<string>> $beside what the maker lets stand, by section
     * @param string $stamp what the running program says of itself
     * @param string $panel the page of the hand panel before anything of the board is in it
     * @return array<string, string> texts by path
     */
    public static function own(Inspection $inspection, array $remarks, array $beside, string $stamp, string $panel): array
    {
        $plan = self::plan($inspection);
        $tables = ProgramTables::of($plan);
        $chip = SketchChip::of($inspection);
        $page = PanelPage::of($inspection, $panel);
        $header = ConstantsFile::header(Constants::of($inspection), $remarks, $beside) . TablesText::of(
            $tables,
            PinTables::of($inspection, $tables),
            $stamp . "\r\n",
            true === $chip?->hasRadio() ? LinkTables::of($inspection, $tables, PanelPage::head($page) . $page) : null,
        );
        $readme = ['README.md' => self::readme($inspection, $plan, $remarks, $stamp)];

        return null === $chip
            ? [...$readme, 'Makefile' => self::makefile(), 'constants.h' => $header]
            : [...$readme, ...SketchFiles::own($inspection, $chip, $remarks, $header), ...'' === $page ? [] : ['panel.html' => $page]];
    }

    /**
     * Folders of the parts that every board shares, by where they go.
     *
     * @return array<string, list<string>> folders of firmware/ by path; files that another takes the place of are left out by name
     */
    public static function shared(Inspection $inspection): array
    {
        if (self::isByRegisters($inspection)) {
            return ['' => ['latch', 'loop', 'avr', 'trial']];
        }
        $name = SketchFiles::name($inspection);

        return [
            "$name/src/" => ['latch', 'loop', ...true === SketchChip::of($inspection)?->hasRadio() ? ['link'] : [], 'sketch'],
            "{$name}_trial/src/" => ['latch', 'loop', 'sketch', 'trial'],
        ];
    }

    /** Whether a file of the archive is the same for every board. */
    public static function isShared(string $path): bool
    {
        return 1 === preg_match('~(^|/)(latch|loop|link|sketch|avr|trial)/[^/]+$~', $path) && !str_ends_with($path, '/constants.h');
    }

    /** Whether a file that is shared has its place there: one of two that do the same, and none that a trial has no use for. */
    public static function isWanted(Inspection $inspection, string $path): bool
    {
        if (self::isByRegisters($inspection)) {
            return true;
        }
        $isTrial = str_contains($path, '_trial/');
        $hasLinks = !$isTrial && true === SketchChip::of($inspection)?->hasRadio();
        $left = match (true) {
            $isTrial => [...self::OF_THE_PROGRAM, ...self::OF_THE_NETWORK],
            $hasLinks => ['loop/ways_serial.cpp'],
            default => self::OF_THE_NETWORK,
        };

        return [] === array_filter($left, static fn(string $end): bool => str_ends_with($path, '/' . $end));
    }

    /**
     * @param list<string> $remarks
     */
    private static function readme(Inspection $inspection, ProgramPlan $plan, array $remarks, string $stamp): string
    {
        $board = $inspection->board;
        $facts = $board->program->firmware ?? new FirmwareFacts();
        $text = sprintf("# Program of “%s”\n\n%s\n\nWhen it starts it says: `%s`\n", $board->name, implode("\n", array_map(
            static fn(string $remark): string => '> ' . $remark,
            $remarks,
        )), $stamp);
        $chip = SketchChip::of($inspection);
        $name = SketchFiles::name($inspection);
        $text .= null === $chip
            ? self::WIRING . sprintf(self::BUILD, $inspection->controller->chip->identity->name)
            : strtr(self::SKETCH_WIRING, ['NAME' => $name]) . strtr(self::SKETCH_BUILD, ['NAME' => $name, 'TRIED' => $chip->tried()]);
        foreach ([
            'Board package' => $facts->boardPackage, 'Board type' => $facts->boardType, 'Partitions' => $facts->partitions,
        ] as $title => $value) {
            $text .= '' === $value ? '' : sprintf("- %s, as stated: %s\n", $title, $value);
        }
        foreach ($facts->libraries as $library) {
            $text .= sprintf("- Library, as stated: %s\n", trim($library->name . ' ' . $library->version));
        }
        $sensors = ProgramWords::ofSensors($inspection->board, $plan);
        $text .= [] === $sensors ? '' : sprintf("\n## Sensors\n\n- %s\n", implode("\n- ", $sensors));
        $ways = ProgramWords::ofWays($inspection);
        $text .= [] === $ways ? '' : sprintf("\n## Ways\n\n- %s\n", implode("\n- ", $ways));
        $text .= "\n## Upload\n\n";
        foreach ($board->upload() as $number => $step) {
            $text .= sprintf("%d. %s\n", $number + 1, $step);
        }

        return $text . (null === $chip ? self::WHERE : strtr(self::SKETCH_WHERE, ['NAME' => $name]));
    }

    private static function makefile(): string
    {
        return <<<'MAKE'
            CXX = avr-g++
            FLAGS = -mmcu=atmega328p -DF_CPU=16000000UL -std=gnu++11 -Os -Wall -Wextra -Wno-type-limits -fno-exceptions \
              -fno-threadsafe-statics -ffunction-sections -fdata-sections -flto -mcall-prologues -Wl,--gc-sections -I.
            CHIP = $(filter-out avr/ways.cpp avr/keeping.cpp, $(wildcard avr/*.cpp))

            all: program.hex trial.hex
            program.hex: program.elf
            trial.hex: trial.elf
            trial: trial.hex

            program.elf: constants.h $(wildcard latch/* loop/* avr/*)
            	$(CXX) $(FLAGS) $(wildcard latch/*.cpp) $(wildcard loop/*.cpp) $(wildcard avr/*.cpp) -o $@
            	avr-size $@
            trial.elf: constants.h $(wildcard latch/* loop/* avr/* trial/*)
            	$(CXX) $(FLAGS) latch/infrared.cpp latch/tables.cpp loop/pins.cpp loop/expanders.cpp $(CHIP) trial/trial.cpp -o $@
            %.hex: %.elf
            	avr-objcopy -O ihex -R .eeprom $< $@
            clean:
            	rm -f *.elf *.hex
            .PHONY: all trial clean

            MAKE;
    }
}
