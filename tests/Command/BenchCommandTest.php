<?php

declare(strict_types=1);

namespace IronLatch\Tests\Command;

use PHPUnit\Framework\TestCase;

/** A board on the bench from the command line: runs, trials, and what they end with. */
final class BenchCommandTest extends TestCase
{
    private const DEMO = __DIR__ . '/../../demo/';

    private InProcess $latch;

    protected function setUp(): void
    {
        $this->latch = new InProcess();
    }

    protected function tearDown(): void
    {
        $this->latch->clear();
    }

    public function testARunIsPrintedInThreeForms(): void
    {
        $script = '{"format": "iron-latch/bench-script", "version": 1, "until": "11 s", '
            . '"deeds": [{"at": "10 s", "do": "press", "what": "S9"}]}';
        $arguments = ['file' => self::DEMO . 'utility-room.json', '--script' => $this->latch->file('script.json', $script)];
        [$code, $text] = $this->latch->run('bench', $arguments);
        self::assertSame(0, $code);
        self::assertMatchesRegularExpression('/10\.035000 s +#\d+ +pin +GPIO18 goes high\.  \(from #\d+\)/', $text);
        [, $json] = $this->latch->run('bench', [...$arguments, '--format' => 'json']);
        $data = json_decode($json, true);
        self::assertIsArray($data);
        self::assertSame('iron-latch/bench-trace', $data['format']);
        [, $vcd] = $this->latch->run('bench', [...$arguments, '--format' => 'vcd']);
        self::assertStringStartsWith('$version', $vcd);
        // A trace is run again.
        $arguments['--script'] = $this->latch->file('trace.json', $json);
        self::assertSame($json, $this->latch->run('bench', [...$arguments, '--format' => 'json'])[1]);
    }

    public function testWhatCannotBeRunEndsWithTwoAndSaysWhatToDo(): void
    {
        $demo = self::DEMO . 'utility-room.json';
        foreach ([
            ['bench', ['file' => $demo, '--script' => 'none.json'], 'none.json cannot be read'],
            ['bench', ['file' => $demo, '--format' => 'xml'], 'text, json or vcd'],
            ['bench', ['file' => $demo, '--script' => self::DEMO . 'aquarium.json'], 'This is no script of the bench'],
            ['trial', ['file' => 'none.json'], 'none.json cannot be read'],
            ['trial', ['file' => $demo, '--format' => 'xml'], 'text or json'],
        ] as [$command, $arguments, $words]) {
            [$code, , $said] = $this->latch->run($command, $arguments);
            self::assertSame(2, $code);
            self::assertStringContainsString($words, $said);
        }
    }

    public function testATrialEndsAsACheckDoes(): void
    {
        [$code, $text] = $this->latch->run('trial', ['file' => self::DEMO . 'fermentation.json']);
        self::assertSame(0, $code);
        self::assertStringContainsString('Nothing failed. A trial in the computer is no trial of the piece that was built.', $text);
        [$code, $text] = $this->latch->run('trial', ['file' => self::DEMO . 'aquarium.json']);
        self::assertSame(1, $code);
        self::assertStringContainsString('17 of 58 failed.', $text);
        self::assertStringContainsString('not tried: Timer of “Dosing pump”: its times', $text);
        [, $json] = $this->latch->run('trial', ['file' => self::DEMO . 'aquarium.json', '--format' => 'json']);
        $data = json_decode($json, true);
        self::assertIsArray($data);
        self::assertSame([58, 17, 58], [$data['tried'], $data['failed'], count(is_array($data['cells']) ? $data['cells'] : [])]);
    }

    public function testACheckLeavesTheBenchAloneUnlessItIsStrict(): void
    {
        self::assertStringContainsString(
            'Bench     not tried yet',
            $this->latch->run('check', ['files' => [self::DEMO . 'fermentation.json']])[1],
        );
        [$code, $text] = $this->latch->run('check', ['files' => [self::DEMO . 'fermentation.json'], '--strict' => true]);
        self::assertSame(0, $code);
        self::assertStringContainsString('Bench     shut, 20 tried', $text);
    }
}
