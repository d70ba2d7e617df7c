<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\Firmware\SketchFiles;
use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Review\Inspection;
use IronLatch\Export\Handover;
use IronLatch\Export\ProgramExport;
use Symfony\Component\Process\Process;

/** Builds the sketch of a board, as it is handed over, with a stand-in for the customary interface, so that it runs on this computer. */
final class DeskBuild
{
    private const FLAGS = ['-std=gnu++11', '-O1', '-g', '-Wall', '-Wextra', '-Werror', '-Wno-unused-function'];
    private const SANITIZED = ['-fsanitize=address,undefined', '-fno-sanitize-recover=all'];

    /**
     * @return array<string, string> of the sketch itself, or of the trial of the wiring, by path below its folder
     */
    public static function files(Board $board, bool $isTrial = false): array
    {
        $inspection = new Inspection($board);
        $folder = SketchFiles::name($inspection) . ($isTrial ? '_trial' : '') . '/';
        $files = [];
        foreach (ProgramExport::files(new Handover($inspection, '2026-01-01')) as $path => $text) {
            if (str_starts_with($path, $folder)) {
                $files[substr($path, strlen($folder))] = $text;
            }
        }

        return $files;
    }

    /**
     * @param bool $isSanitized looked at while it runs, and slower
     * @return string path of the program
     */
    public static function desk(Board $board, bool $isSanitized = true, bool $isTrial = false): string
    {
        $files = self::files($board, $isTrial);
        unset($files['secrets.example.h']);
        $files['secrets.h'] = self::secrets($board);
        $stand = glob(FirmwareBuild::root() . '/tests/desk/*');
        $stand = false === $stand ? [] : $stand;
        $flags = [...self::FLAGS, ...$isSanitized ? self::SANITIZED : []];
        $hash = hash('xxh3', serialize([$files, array_map(file_get_contents(...), array_filter($stand, is_file(...))), $flags]));
        $folder = FirmwareBuild::folder('desk-' . $hash);
        if (is_file($folder . '/desk')) {
            return $folder . '/desk';
        }
        $sources = [];
        foreach ($files as $path => $text) {
            if (!is_dir(dirname("$folder/$path"))) {
                mkdir(dirname("$folder/$path"), 0o777, true);
            }
            file_put_contents("$folder/$path", $text);
            if (str_ends_with($path, '.cpp')) {
                $sources[] = "$folder/$path";
            } elseif (str_ends_with($path, '.ino')) {
                array_push($sources, '-x', 'c++', "$folder/$path", '-x', 'none');
            }
        }
        $tests = FirmwareBuild::root() . '/tests/desk';
        (new Process(
            [
                'g++', ...$flags, '-I' . $tests, '-include', "$tests/core.h", ...$sources, "$tests/desk.cpp", '-o',
                $made = $folder . '/' . getmypid(),
            ],
            timeout: 300,
        ))->mustRun();
        rename($made, $folder . '/desk');

        return $folder . '/desk';
    }

    /** What each copy fills in comes from the environment here. */
    private static function secrets(Board $board): string
    {
        $text = "#pragma once\n#include <stdlib.h>\n"
            . "static const char *from(const char *name) { return getenv(name) ? getenv(name) : \"\"; }\n";
        foreach (Secrets::names($board) as $name) {
            $text .= sprintf("static const char *const %s = from(\"%s\");\n", $name, $name);
        }

        return $text;
    }
}
