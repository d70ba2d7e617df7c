<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\Firmware\PinTables;
use IronLatch\Core\Exchange\Firmware\ProgramTables;
use IronLatch\Core\Exchange\Firmware\TablesText;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Review\Inspection;
use Symfony\Component\Process\Process;

/** Builds the program of a board for the 8-bit chip, and runs it in simavr. */
final class ChipBuild
{
    public const FLAGS = [
        '-mmcu=atmega328p', '-DF_CPU=16000000UL', '-std=gnu++11', '-Os', '-Wall', '-Wextra', '-Wno-type-limits', '-Werror',
        '-fno-exceptions',
        '-fno-threadsafe-statics', '-ffunction-sections', '-fdata-sections', '-flto', '-mcall-prologues', '-Wl,--gc-sections',
    ];

    public static function header(Board $board): string
    {
        $inspection = new Inspection($board);
        $tables = ProgramTables::of(ProgramPlan::of($board, $inspection->controls));

        return "#pragma once\n#include <stdint.h>\n" . TablesText::of($tables, PinTables::of($inspection, $tables), $board->name . "\r\n");
    }

    /** The program as an ELF file. */
    public static function elf(string $header): string
    {
        $root = FirmwareBuild::root();
        $sources = [
            ...FirmwareBuild::sources('latch'), ...FirmwareBuild::sources('loop'), ...FirmwareBuild::sources('avr'),
        ];
        $hash = hash('xxh3', implode('', array_map(strval(...), array_map(file_get_contents(...), $sources))) . $header);
        $folder = FirmwareBuild::folder($hash);
        if (!is_file($folder . '/program.elf')) {
            file_put_contents($folder . '/constants.h', $header);
            $files = array_filter($sources, static fn(string $file): bool => str_ends_with($file, '.cpp'));
            $made = $folder . '/' . getmypid();
            (new Process(
                ['avr-g++', ...self::FLAGS, '-I' . $root, '-I' . $folder, ...array_values($files), '-o', $made],
                timeout: 300,
            ))->mustRun();
            rename($made, $folder . '/program.elf');
        }

        return $folder . '/program.elf';
    }

    /**
     * @return array{int, int} bytes of flash, and of memory
     */
    public static function size(string $elf): array
    {
        $process = new Process(['avr-size', $elf]);
        $process->mustRun();
        sscanf(explode("\n", $process->getOutput())[1], '%d %d %d', $text, $data, $bss);

        return [(int) $text + (int) $data, (int) $data + (int) $bss];
    }

    private static function bench(): string
    {
        $source = FirmwareBuild::root() . '/tests/chipbench.c';
        $folder = FirmwareBuild::folder(hash('xxh3', (string) file_get_contents($source)));
        if (!is_file($folder . '/chipbench')) {
            (new Process(
                ['gcc', '-O2', '-Wall', '-Wextra', '-Werror', $source, '-o', $made = $folder . '/' . getmypid(), '-lsimavr', '-lelf'],
                timeout: 120,
            ))->mustRun();
            rename($made, $folder . '/chipbench');
        }

        return $folder . '/chipbench';
    }

    /**
     * @param list<string> $script
     * @return list<string> what the chip did, each line with its microseconds
     */
    public static function run(string $elf, array $script): array
    {
        $process = new Process([self::bench(), $elf], input: implode("\n", $script) . "\n", timeout: 600);
        $process->mustRun();

        return array_values(array_filter(
            explode("\n", $process->getOutput()),
            static fn(string $line): bool => 1 === preg_match('/^\d+ /', $line),
        ));
    }
}
