<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Exchange\Firmware\LinkTables;
use IronLatch\Core\Exchange\Firmware\ProgramTables;
use IronLatch\Core\Exchange\Firmware\TablesText;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Review\Inspection;
use Symfony\Component\Process\Process;

/** Builds the portable library for a board, natively; what was built of the same sources is used again. */
final class FirmwareBuild
{
    public const STRICT = ['-std=c++11', '-Wall', '-Wextra', '-Wconversion', '-Werror'];

    public static function root(): string
    {
        return dirname(__DIR__, 2) . '/firmware';
    }

    /**
     * @return list<string> paths of the files of a folder of firmware/
     */
    public static function sources(string $folder): array
    {
        $files = glob(self::root() . "/$folder/*.{h,cpp}", GLOB_BRACE);

        return false === $files ? [] : $files;
    }

    public static function folder(string $name): string
    {
        $folder = dirname(__DIR__, 2) . '/var/firmware/' . $name;
        if (!is_dir($folder)) {
            mkdir($folder, 0o777, true);
        }

        return $folder;
    }

    /**
     * A program that reads events and writes down what it does.
     *
     * @param list<string> $flags beside the strict ones
     * @param string $main the program in firmware/tests that it is built with
     * @return string its path
     */
    public static function native(Board $board, string $compiler = 'g++', array $flags = ['-O1'], string $main = 'native'): string
    {
        $isLinked = 'linkfuzz' === $main;
        $tables = ProgramTables::of(ProgramPlan::of($board, ControlMap::of($board)));
        $header = "#pragma once\n#include <stdint.h>\n" . TablesText::of(
            $tables,
            links: $isLinked ? LinkTables::of(new Inspection($board), $tables, 'HTTP/1.1 200 OK') : null,
        );
        $sources = [...self::sources('latch'), ...$isLinked ? self::sources('link') : []];
        $sources[] = self::root() . "/tests/$main.cpp";
        $hash = hash('xxh3', implode('', array_map(strval(...), array_map(file_get_contents(...), $sources)))
            . $header . $compiler . implode(' ', $flags));
        $folder = self::folder($hash);
        if (!is_file($folder . '/native')) {
            file_put_contents($folder . '/constants.h', $header);
            // What keeps needs a memory, which its own test brings, and nothing of the program.
            $files = array_filter($sources, static fn(string $file): bool => 1 === preg_match(
                'kept' === $main ? '~/(kept|tables)\\.cpp$~' : '~(?<!latch/kept|link/ways)\\.cpp$~',
                $file,
            ));
            (new Process([
                $compiler, ...self::STRICT, ...$flags, '-I' . self::root(), '-I' . $folder, ...array_values($files),
                '-o', $made = $folder . '/' . getmypid(),
            ], timeout: 300))->mustRun();
            // Whole or not there: another process may want it at this very moment.
            rename($made, $folder . '/native');
        }

        return $folder . '/native';
    }

    /**
     * @param list<string> $lines
     * @return list<string>
     */
    public static function run(string $program, array $lines, string ...$words): array
    {
        $process = new Process([$program, ...$words], input: implode("\n", $lines) . "\n", timeout: 300);
        $process->mustRun();

        return explode("\n", rtrim($process->getOutput()));
    }
}
