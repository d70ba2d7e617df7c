<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Exchange\BenchScriptJson;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\TraceJson;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Scripts and traces of the bench: written, read, run again, and refused in words. */
final class BenchFilesTest extends TestCase
{
    public function testAScriptComesBackAsItWasAndKeepsToItsSchema(): void
    {
        $script = new BenchScript(
            [new Deed(1.25, DeedKind::Press, 'S9', '', 0.15), new Deed(3.0, DeedKind::CutMains)],
            12.5,
            Corner::Drawn,
            77,
            600,
            ['parts.npn-2n2222.gain' => '110 ×'],
        );
        $json = BenchScriptJson::write($script);
        self::assertEquals($script, BenchScriptJson::read($json));
        $validator = new Validator();
        $schema = json_encode(BenchScriptJson::schema(), JSON_THROW_ON_ERROR);
        self::assertTrue($validator->validate(json_decode($json), $schema)->isValid());
        self::assertFalse($validator->validate(json_decode(str_replace('"press"', '"kick"', $json)), $schema)->isValid());
        self::assertStringEqualsFile(
            dirname(__DIR__, 3) . '/docs/format/bench-script.schema.json',
            BenchScriptJson::schemaText(),
        );
    }

    public function testATraceHoldsItsScriptAndRunsTheSameAgain(): void
    {
        $board = BenchDesk::demo('utility-room');
        $course = BenchDesk::run($board, [[10.0, 'press', 'S9'], [11.0, 'say', 'S16', '50'], [12.0, 'cut mains']], 20.0, Corner::Drawn, 99);
        $trace = TraceJson::write($course);
        $again = Course::of(new Inspection($board), BenchScriptJson::read($trace));
        self::assertSame($trace, TraceJson::write($again));
        self::assertNotSame(
            $trace,
            TraceJson::write(
                BenchDesk::run($board, [[10.0, 'press', 'S9'], [11.0, 'say', 'S16', '50'], [12.0, 'cut mains']], 20.0, Corner::Drawn, 100),
            ),
        );
    }

    public function testAnyFactMayBeOtherwiseForOneRun(): void
    {
        $board = BenchDesk::demo('utility-room');
        $deeds = [[10.0, 'press', 'S9']];
        self::assertSame(1, BenchDesk::runs(BenchDesk::run($board, $deeds, 12.0), 'L5'));
        // 47 kΩ in place of 470 Ω: 0.05 mA of base current, times a gain of 100, is no 71 mA.
        $weak = BenchDesk::run(
            $board,
            $deeds,
            12.0,
            overrides: ['lines.L5.actuators.A5.driver.baseOhms' => '47 kΩ', 'parts.npn-2n2222.gain' => '100 ×'],
        );
        self::assertSame(0, BenchDesk::runs($weak, 'L5'));
        self::assertCount(1, $weak->all(Happens::Stays, 'A5'));
        self::assertSame(470.0, $board->lines['L5']->actuators['A5']->driver->ohms('baseOhms'), 'The board itself is as it was.');
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function refused(): iterable
    {
        $with = static fn(string $more): string => '{"format": "iron-latch/bench-script", "version": 1, ' . $more . '}';
        yield 'nothing' => ['', 'not complete JSON'];
        yield 'no script' => ['{"format": "iron-latch/board"}', 'This is no script of the bench'];
        yield 'newer' => ['{"format": "iron-latch/bench-script", "version": 2}', 'reads version 1'];
        yield 'an unknown key' => [$with('"speed": 2'), 'speed'];
        yield 'twice' => [$with('"seed": 2, "seed": 3'), 'written twice'];
        yield 'an unknown deed' => [$with('"deeds": [{"at": "1 s", "do": "kick", "what": "S1"}]'), 'deeds[0].do'];
        yield 'without whom' => [$with('"deeds": [{"at": "1 s", "do": "press"}]'), 'wants to know what'];
        yield 'to nobody' => [$with('"deeds": [{"at": "1 s", "do": "hang", "what": "S1"}]'), 'as a whole'];
        yield 'before the beginning' => [$with('"deeds": [{"at": "-1 s", "do": "hang"}]'), 'deeds[0].at'];
        yield 'for ever' => [$with('"until": "400 days"'), 'until'];
        yield 'a seed below zero' => [$with('"seed": -1'), 'seed'];
        yield 'no text' => ["\xff\xfe", 'UTF-8'];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoScriptIsRefusedInWords(string $json, string $words): void
    {
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage($words);
        BenchScriptJson::read($json);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function strangers(): iterable
    {
        yield 'a surface' => ['press', 'S99'];
        yield 'a relay for a line' => ['weld', 'L1'];
        yield 'a key of nothing' => ['say', 'S9'];
        yield 'a group on a channel that does not know it' => ['say', 'K2@C4'];
        yield 'an outage' => ['outage', 'moon'];
        yield 'a channel' => ['lose', 'C9'];
        yield 'a button that is no knob' => ['turn', 'S9'];
    }

    #[DataProvider('strangers')]
    public function testWhoIsNotOnTheBoardIsNamed(string $do, string $what): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $this->expectExceptionMessage(sprintf('Deed 2, “%s”: this board has no “%s” for that.', $do, $what));
        BenchDesk::run(BenchDesk::demo('utility-room'), [[1.0, 'press', 'S9'], [2.0, $do, $what, '1']], 3.0);
    }

    public function testAPlaceThatTheBoardDoesNotHaveIsNamed(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $this->expectExceptionMessage('The board file has no “parts.npn-2n2222.colour”');
        BenchDesk::run(BenchDesk::demo('utility-room'), [], 1.0, overrides: ['parts.npn-2n2222.colour' => 'red']);
    }
}
