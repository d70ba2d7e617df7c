<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Exchange\Constant;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The header against a C++ compiler: it compiles without a warning, and the program that includes it says what the board says. */
final class ConstantsCompileTest extends TestCase
{
    public function testTheHeaderCompilesAndReadsBackEqual(): void
    {
        $board = TestBoards::operatedInManyWays();
        $constants = Constants::of(new Inspection($board));
        $header = ConstantsFile::header($constants, ['Constants of a test']);
        $folder = sys_get_temp_dir() . '/iron-latch-' . bin2hex(random_bytes(6));
        mkdir($folder);
        try {
            file_put_contents($folder . '/board.h', $header);
            file_put_contents($folder . '/secrets.h', Secrets::header($board));
            $prints = '';
            foreach ($constants as $name => $constant) {
                $prints .= sprintf("  std::cout << \"%s\" << '\\t' << %s << '\\n';\n", $name, $name);
            }
            file_put_contents(
                $folder . '/main.cpp',
                "#include <iostream>\n#include \"board.h\"\n#include \"secrets.h\"\nint main() {\n" . $prints . "}\n",
            );
            $compile = new Process([
                'g++',
                '-std=c++11',
                '-Wall',
                '-Wextra',
                '-Werror',
                '-Wno-unused-variable',
                '-o',
                $folder . '/main',
                $folder . '/main.cpp',
            ]);
            $compile->mustRun();
            $run = (new Process([$folder . '/main']))->mustRun()->getOutput();
        } finally {
            foreach (['board.h', 'secrets.h', 'main.cpp', 'main'] as $file) {
                is_file($folder . '/' . $file) && unlink($folder . '/' . $file);
            }
            rmdir($folder);
        }
        $said = [];
        foreach (explode("\n", trim($run)) as $line) {
            [$name, $value] = explode("\t", $line, 2);
            $said[$name] = $value;
        }
        $meant = array_map(static fn(Constant $constant): string => (string) $constant->value, $constants);
        self::assertSame($meant, $said);
        self::assertGreaterThan(80, count($said));

        $canonical = static fn(string $value): string => 1 === preg_match('/^0x[0-9A-F]+$/', $value) ? (string) hexdec($value) : $value;
        foreach ([$header, ConstantsFile::keyValues($constants, ['a remark']), ConstantsFile::json($constants, ['a remark'])] as $file) {
            self::assertSame($meant, array_map(static fn(array $read): string => $canonical($read['value']), ConstantsFile::read($file)));
        }
    }
}
