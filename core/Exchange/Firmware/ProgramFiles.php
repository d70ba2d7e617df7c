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

    public static function isFor(Inspection $inspection): bool
    {
        return in_array($inspection->controller->chip->identity->id, self::CHIPS, true);
    }

    /**
     * @param list<string> $remarks that stand above everything
     * @param array<string, list<string>> $beside what the maker lets stand, by section
     * @param string $stamp what the running program says of itself
     * @return array<string, string> texts by path
     */
    public static function own(Inspection $inspection, array $remarks, array $beside, string $stamp): array
    {
        $plan = ProgramPlan::of($inspection->board, $inspection->controls);
        $tables = ProgramTables::of($plan);

        return [
            'README.md' => self::readme($inspection, ProgramWords::ofSensors($inspection->board, $plan), $remarks, $stamp),
            'Makefile' => self::makefile(),
            'constants.h' => ConstantsFile::header(Constants::of($inspection), $remarks, $beside)
                . TablesText::of($tables, PinTables::of($inspection, $tables), $stamp . "\r\n"),
        ];
    }

    /**
     * @param list<string> $sensors how they are read
     * @param list<string> $remarks
     */
    private static function readme(Inspection $inspection, array $sensors, array $remarks, string $stamp): string
    {
        $board = $inspection->board;
        $facts = $board->program->firmware ?? new FirmwareFacts();
        $text = sprintf("# Program of “%s”\n\n%s\n\nWhen it starts it says: `%s`\n", $board->name, implode("\n", array_map(
            static fn(string $remark): string => '> ' . $remark,
            $remarks,
        )), $stamp);
        $text .= self::WIRING . sprintf(self::BUILD, $inspection->controller->chip->identity->name);
        foreach ([
            'Board package' => $facts->boardPackage, 'Board type' => $facts->boardType, 'Partitions' => $facts->partitions,
        ] as $title => $value) {
            $text .= '' === $value ? '' : sprintf("- %s, as stated: %s\n", $title, $value);
        }
        foreach ($facts->libraries as $library) {
            $text .= sprintf("- Library, as stated: %s\n", trim($library->name . ' ' . $library->version));
        }
        $text .= [] === $sensors ? '' : sprintf("\n## Sensors\n\n- %s\n", implode("\n- ", $sensors));
        $text .= "\n## Upload\n\n";
        foreach ($board->upload() as $number => $step) {
            $text .= sprintf("%d. %s\n", $number + 1, $step);
        }

        return $text . self::WHERE;
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
