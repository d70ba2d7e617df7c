<?php

declare(strict_types=1);

namespace IronLatch\Tests\Firmware;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\Firmware\SketchFiles;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\DeskBuild;
use IronLatch\Tests\Support\FirmwareBuild;
use IronLatch\Tests\Support\SketchBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * The sketch of each controller, as it is handed over: compiled against a stand-in for the customary interface, and its parts for the cores
 * of three chips with Debian’s compilers. Nothing of it is linked with the cores themselves.
 */
final class SketchTest extends TestCase
{
    private const STRICT = ['-std=gnu++11', '-Wall', '-Wextra', '-Werror', '-Wno-unused-function', '-fno-exceptions', '-fno-rtti'];
    private const COMPILERS = [
        'esp8266' => ['xtensa-lx106-elf', '-mlongcalls', '-DESP8266', '-ffreestanding'],
        'esp32-c3' => ['riscv64-unknown-elf', '-march=rv32imc', '-mabi=ilp32', '-ffreestanding'],
        'rp2040-radio' => ['arm-none-eabi', '-mcpu=cortex-m0plus', '-mthumb', '-ffreestanding'],
    ];
    /** Of the smallest of them, an ESP8266: what its core leaves of its memory, and a quarter of a flash of 1 MB. */
    private const MEMORY_BYTES = 20_000;
    private const FLASH_BYTES = 262_144;

    /**
     * @return iterable<string, array{\Closure(): Board}>
     */
    public static function boards(): iterable
    {
        foreach (SketchBoards::all() as $chip => $board) {
            yield $chip => [$board];
        }
        yield 'timers' => [static fn(): Board => BenchDesk::demo('aquarium')];
    }

    /**
     * @return string the folder
     */
    private static function laid(Board $board, bool $isTrial): string
    {
        $files = DeskBuild::files($board, $isTrial);
        $folder = FirmwareBuild::folder('sketch-' . hash('xxh3', serialize($files)));
        foreach ($files as $path => $text) {
            if (!is_dir(dirname("$folder/$path"))) {
                mkdir(dirname("$folder/$path"), 0o777, true);
            }
            // What is filled in lies beside the sketch.
            file_put_contents("$folder/" . ('secrets.example.h' === $path ? 'secrets.h' : $path), $text);
        }

        return $folder;
    }

    /**
     * @param \Closure(): Board $board
     */
    #[DataProvider('boards')]
    public function testTheSketchOfEachControllerCompiles(\Closure $board): void
    {
        $board = $board();
        $stand = FirmwareBuild::root() . '/tests/desk';
        foreach ([false, true] as $isTrial) {
            $folder = self::laid($board, $isTrial);
            $name = SketchFiles::name(new Inspection($board)) . ($isTrial ? '_trial' : '');
            self::assertFileExists("$folder/$name.ino", 'The folder and the sketch in it have one name.');
            $process = new Process([
                'g++', ...self::STRICT, '-DLATCH_STUBS', '-I' . $stand, '-include', "$stand/core.h", '-fsyntax-only', '-x', 'c++',
                "$folder/$name.ino",
            ]);
            $process->run();
            self::assertSame('', $process->getErrorOutput());
            self::assertSame(0, $process->getExitCode());
        }
    }

    public function testItsPartsCompileForTheCoresOfThreeChips(): void
    {
        foreach (self::COMPILERS as $chip => $flags) {
            $compiler = array_shift($flags);
            $folder = self::laid(SketchBoards::all()[$chip](), false);
            $objects = [];
            foreach ((array) glob("$folder/src/{latch,link,loop}/*.cpp", GLOB_BRACE) as $place => $file) {
                $process = new Process([
                    $compiler . '-g++', ...self::STRICT, ...$flags, '-Os', '-ffunction-sections', '-c', (string) $file, '-o',
                    $objects[] = "$folder/$place.o",
                ], timeout: 120);
                $process->run();
                self::assertSame('', $process->getErrorOutput(), $chip);
            }
            $size = new Process([$compiler . '-size', '-t', ...$objects]);
            $size->mustRun();
            preg_match('/^\s*(\d+)\s+(\d+)\s+(\d+).*TOTALS/m', $size->getOutput(), $match);
            [, $text, $data, $bss] = array_map(intval(...), [...$match, 0, 0, 0, 0]);
            self::assertGreaterThan(10_000, $text, 'There is something in it.');
            self::assertLessThan(self::FLASH_BYTES, $text, $chip);
            self::assertLessThan(self::MEMORY_BYTES, $data + $bss, $chip);
        }
    }
}
