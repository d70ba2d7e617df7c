<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Log;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Log\BoardCopy;
use IronLatch\Core\Log\CopyState;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\LogJson;
use IronLatch\Core\Log\Note;
use IronLatch\Core\Log\Order;
use IronLatch\Core\Log\Outcome;
use IronLatch\Core\Log\StepReading;
use IronLatch\Core\Log\Verified;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is remembered of a board: put down, changed, written, read and refused. */
final class LogTest extends TestCase
{
    private static function log(): Log
    {
        $copy = new BoardCopy(
            'UR-001',
            3,
            BuildForm::CarrierBoard,
            'Utility room board, revision 3',
            'set 1',
            'utility room',
            CopyState::InUse,
            'Ada Quill',
            '2026-03-01',
            7200.0,
            [
                new StepReading('rail:R1', Outcome::Off, '4.7 V', '2026-03-02', 'Ada Quill', 'cold joint'),
                new StepReading('rail:R1', Outcome::AsItShould, '5.01 V'),
            ],
            [new Verified('mains.one-bundle:board', 'Bundles are tied.', 'B. Ash', '2026-03-03')],
            ['W11', 'M05'],
        );

        return (new Log())
            ->withOrder(new Order('ten boards', 10, 'the corner shop', '2026-02-01', '2026-02-15', '2026-02-20', 48.5, 3, [
                str_repeat('ab12', 16),
            ]))
            ->withCopy($copy)
            ->withNote(new Note('K3 sits too near to the edge', 'B1', '2026-03-02', 3))
            ->withNote(new Note('A note of the board'));
    }

    public function testWhatIsPutDownGetsAnIdThatIsNeverGivenTwice(): void
    {
        $log = self::log();
        self::assertSame([['O1'], ['B1'], ['N1', 'N2']], [array_keys($log->orders), array_keys($log->copies), array_keys($log->notes)]);
        $log = $log->without('N2')->withNote(new Note('another'));
        self::assertSame(['N1', 'N3'], array_keys($log->notes));
        $log = $log->withOrder(new Order('twelve boards', 12), 'O1');
        self::assertSame(['O1' => 12], array_map(static fn(Order $order): int => $order->count, $log->orders));
        self::assertSame(['N3'], array_keys($log->without('B1')->notes), 'What is noted about it goes along.');
        // A file that does not say which numbers were given.
        $silent = new Log($log->orders, $log->copies, $log->notes);
        self::assertSame(['O1', 'O2'], array_keys($silent->withOrder(new Order('more'))->orders));
        $this->expectExceptionMessage('has no “O9” any more');
        $log->withOrder(new Order('x'), 'O9');
    }

    public function testItIsWrittenAndReadBack(): void
    {
        $json = LogJson::write(self::log());
        self::assertEquals(self::log(), LogJson::read($json));
        self::assertEquals(new Log(), LogJson::read(LogJson::write(new Log())));
        // A validator from the registry.
        $schema = LogJson::schemaText();
        $validator = new Validator();
        self::assertTrue($validator->validate(json_decode($json), $schema)->isValid());
        self::assertFalse($validator->validate(json_decode(str_replace('"in use"', '"sold"', $json)), $schema)->isValid());
    }

    /**
     * @return iterable<string, array{\Closure(string): string, string}>
     */
    public static function refused(): iterable
    {
        yield 'another format' => [
            static fn(string $json): string => str_replace('iron-latch/log', 'other', $json),
            'is no log',
        ];
        yield 'another version' => [
            static fn(string $json): string => str_replace('"version": 1', '"version": 9', $json),
            'another version',
        ];
        yield 'cut off' => [
            static fn(string $json): string => substr($json, 0, 200),
            'not complete JSON',
        ];
        yield 'a key of nobody' => [
            static fn(string $json): string => str_replace('"place"', '"spot"', $json),
            'spot',
        ];
        yield 'a day that is none' => [
            static fn(string $json): string => str_replace('2026-02-15', '2026-02-31', $json),
            'is no day',
        ];
        yield 'arrived before it was ordered' => [
            static fn(string $json): string => str_replace('2026-02-20', '2026-01-20', $json),
            'before it was ordered',
        ];
        yield 'a secret' => [
            static fn(string $json): string => str_replace('"set 1"', '"hunter2"', $json),
            'keep themselves elsewhere',
        ];
        yield 'a state that is none' => [
            static fn(string $json): string => str_replace('"in use"', '"sold"', $json),
            'expected one of: building',
        ];
        yield 'a note about nothing' => [
            static fn(string $json): string => str_replace('"about": "B1"', '"about": "B7"', $json),
            'does not have',
        ];
        yield 'a file that is no hash' => [
            static fn(string $json): string => str_replace(str_repeat('ab12', 16), '../../etc', $json),
            'is no SHA-256',
        ];
        yield 'a number that leaves none' => [
            static fn(string $json): string => (string) preg_replace('/"O": \d+/', '"O": 90001', $json),
            'gives at most 90000 numbers',
        ];
        yield 'nobody has verified' => [
            static fn(string $json): string => str_replace('B. Ash', '', $json),
            'by name',
        ];
    }

    /** @param \Closure(string): string $spoil */
    #[DataProvider('refused')]
    public function testItIsRefusedWhole(\Closure $spoil, string $why): void
    {
        $json = LogJson::write(self::log());
        self::assertNotSame($json, $spoil($json));
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage($why);
        LogJson::read($spoil($json));
    }

    public function testTwoCopiesHaveTwoSerials(): void
    {
        $this->expectExceptionMessage('the same serial');
        self::log()->withCopy(new BoardCopy(' ur-001', 3));
    }

    public function testWithoutNamesNobodyIsTold(): void
    {
        $log = self::log();
        $json = LogJson::write($log->withoutNames());
        foreach (['Ada', 'Ash', 'corner shop', 'utility room"', 'set 1', 'A note of the board', 'cold joint'] as $word) {
            self::assertStringContainsString($word, LogJson::write($log));
            self::assertStringNotContainsString($word, $json);
        }
        self::assertStringContainsString('K3 sits too near', $json, 'A fault of the design is told.');
        self::assertStringContainsString('5.01 V', $json);
    }

    public function testAnOpenFaultBelongsToARevision(): void
    {
        $log = self::log();
        self::assertSame(['N1'], array_keys($log->openFaults(3)));
        self::assertSame([], $log->openFaults(2));
        self::assertSame([], $log->withNote(new Note('K3 sits too near to the edge', 'B1', '', 3, '2026-04-01'), 'N1')->openFaults(3));
        self::assertSame([true, false], [(new Order('x'))->isOpen(), $log->orders['O1']->isOpen()]);
        self::assertSame('5.01 V', $log->copies['B1']->last('rail:R1')?->value);
    }
}
