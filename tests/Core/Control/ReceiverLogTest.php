<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Control;

use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Control\ReceivedKey;
use IronLatch\Core\Control\ReceiverLog;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReceiverLogTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string}> what is printed, and the code in it
     */
    public static function forms(): iterable
    {
        yield 'bare' => ['FF30CF', '0x00FF30CF'];
        yield 'prefix' => ['0xFF30CF', '0x00FF30CF'];
        yield 'small letters' => ['0x00ff30cf', '0x00FF30CF'];
        yield 'with its bits' => ['Decoded PULSE: FF30CF (32 bits)', '0x00FF30CF'];
        yield 'named' => ['Code      : 0xFF30CF (32 Bits)', '0x00FF30CF'];
        yield 'raw data beside address and command' => ['Protocol=PULSE Address=0x0 Command=0xC Raw-Data=0xF30CFF00 32 bits LSB first', '0xF30CFF00'];
        yield 'address and command alone' => ['address: 0x00, command: 0x0C', '0x00FF30CF'];
        yield 'extended address and command' => ['Address=0x1234 Command=0x0C', '0x2C4830CF'];
        yield 'another encoding' => ['UNKNOWN 0xA90 (12 bits)', '0xA90'];
        yield 'a time in front' => ['12:40:07.312 -> FF30CF', '0x00FF30CF'];
        yield 'comma' => ['FF30CF,32,PULSE', '0x00FF30CF'];
    }

    #[DataProvider('forms')]
    public function testEveryCommonFormIsRead(string $printed, string $code): void
    {
        ['keys' => $keys, 'repeats' => $repeats, 'without' => $without] = ReceiverLog::read($printed);
        self::assertSame([[$code], 0, 0], [array_map(static fn(ReceivedKey $key): string => $key->code->printed(), $keys), $repeats, $without]);
    }

    public function testRepeatsAreDroppedAndKeysToldOnce(): void
    {
        $log = "Ready at pin 34\r\nFF30CF\r\nFFFFFFFF\r\nFFFFFFFF\r\nFF18E7\n0xF30CFF00\nAddress=0x0 Command=0xC Repeat\nREPEAT\n\nnothing here\n0x0\n";
        ['keys' => $keys, 'repeats' => $repeats, 'without' => $without] = ReceiverLog::read($log);
        self::assertSame([['0x00FF30CF', 2, 2], ['0x00FF18E7', 5, 1]], array_map(static fn(ReceivedKey $key): array => [$key->code->printed(), $key->line, $key->times], $keys), 'The same key in the other order of bits is the same key.');
        self::assertSame([4, 3], [$repeats, $without]);
        self::assertSame(InfraredEncoding::PulseDistance, $keys[0]->code->encoding);
        self::assertSame(InfraredEncoding::Raw, ReceiverLog::read('0x12345678')['keys'][0]->code->encoding, '32 bits without complements are some other code.');
    }

    public function testATextWithoutACodeSaysWhatToPaste(): void
    {
        $this->expectExceptionMessage('such as “0x00FF30CF”');
        ReceiverLog::read("Hello\nWorld");
    }

    public function testALogThatIsTooLongIsRefused(): void
    {
        $this->expectExceptionMessage('more than 1000 kB');
        ReceiverLog::read(str_repeat("FF30CF\n", 150_000));
    }
}
