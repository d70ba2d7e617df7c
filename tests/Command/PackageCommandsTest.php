<?php

declare(strict_types=1);

namespace IronLatch\Tests\Command;

use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\LayoutDesk;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** A package that is made and verified, and a layout that is compared, on the command line. */
final class PackageCommandsTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/latch-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    /** @return array{int, string} */
    private static function latch(string ...$words): array
    {
        $process = new Process(['php', dirname(__DIR__, 2) . '/bin/latch', ...$words]);
        $code = $process->run();

        return [$code, $process->getOutput()];
    }

    private function file(string $name, string $text): string
    {
        file_put_contents($this->folder . '/' . $name, $text);

        return $this->folder . '/' . $name;
    }

    public function testAPackageIsMadeAndVerified(): void
    {
        $board = dirname(__DIR__, 2) . '/demo/fermentation.json';
        [$code, $bytes] = self::latch('export', $board, 'package.zip', '--date=2026-03-14');
        self::assertSame(0, $code);
        self::assertSame($bytes, self::latch('export', $board, 'package.zip', '--date=2026-03-14')[1]);
        [$code, $said] = self::latch('verify', $this->file('package.zip', $bytes));
        self::assertSame(0, $code);
        self::assertStringContainsString('byte for byte', $said);
        self::assertSame(1, self::latch('verify', $this->file('cut.zip', substr($bytes, 0, 4000)))[0]);
        self::assertSame(2, self::latch('verify', $this->folder . '/none.zip')[0]);
    }

    public function testALayoutIsCompared(): void
    {
        $board = dirname(__DIR__, 2) . '/demo/utility-room.json';
        $desk = new LayoutDesk(BenchDesk::demo('utility-room'), new Randomizer(new Mt19937(7)));
        $netlist = $this->file('layout.ipc', $desk->ipc());
        self::assertSame(
            [0, "Pads on no net, tracks and areas of copper are not measured.\nNetlist: It agrees with this board.\n"],
            self::latch('compare', $board, $netlist),
        );
        $list = $this->file('placement.csv', $desk->placement(['D31' => 2]));
        [$code, $said] = self::latch('compare', $board, $list, '--beside=' . $netlist);
        self::assertSame(1, $code);
        self::assertStringContainsString('broken: D31 is turned by', $said);
        self::assertSame(2, self::latch('compare', $board, $this->file('prose.txt', 'all is well'))[0]);
        self::assertSame(2, self::latch('compare', $board, $this->folder . '/none')[0]);
        self::assertSame(2, self::latch('compare', $this->folder . '/none', $netlist)[0]);
    }
}
