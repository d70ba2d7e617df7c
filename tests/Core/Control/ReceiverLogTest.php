<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Control;

use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Control\ReceivedKey;
use IronLatch\Core\Control\ReceiverLog;
use IronLatch\Core\Control\SimulatedRemote;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReceiverLogTest extends TestCase
{
    /**
     * @return iterable<string, array{0: string, 1: string, 2?: int}> what is printed, the code in it, and the lines that hold none
     */
    public static function forms(): iterable
    {
        yield 'bare' => ['BF430CF', '0x0BF430CF'];
        yield 'prefix' => ['0xBF430CF', '0x0BF430CF'];
        yield 'small letters' => ['0x0bf430cf', '0x0BF430CF'];
        yield 'with its bits' => ['Decoded PULSE: BF430CF (32 bits)', '0x0BF430CF'];
        yield 'named' => ['Code      : 0xBF430CF (32 Bits)', '0x0BF430CF'];
        yield 'raw data beside address and command' => [
            'Protocol=PULSE Address=0xD0 Command=0xC Raw-Data=0xF30C2FD0 32 bits LSB first',
            '0xF30C2FD0',
        ];
        yield 'address and command alone' => ['address: 0xD0, command: 0x0C', '0x0BF430CF'];
        yield 'extended address and command' => ['Address=0x1234 Command=0x0C', '0x2C4830CF'];
        yield 'another encoding' => ['UNKNOWN 0xA90 (12 bits)', '0xA90'];
        yield 'a time in front' => ['12:40:07.312 -> BF430CF', '0x0BF430CF'];
        yield 'decimal, and says so' => ['Decimal: 200552655 (32Bit)', '0x0BF430CF'];
        yield 'decimal behind' => ['received 200552655 dec', '0x0BF430CF'];
        yield 'digits that are a code in decimal only' => ['Value: 200552655', '0x0BF430CF'];
        yield 'digits that are a code in hexadecimal only' => ['69966996', '0x69966996'];
        yield 'a list of times' => ['Raw (68): ' . self::pulses('0BF430CF', -14634), '0x0BF430CF', 1];
        yield 'a list of times over lines' => [wordwrap(strtr(self::pulses('0BF430CF'), ['-' => '', ',' => ', ']), 120), '0x0BF430CF', 3];
        yield 'a value beside its times' => ["0xBF430CF\n" . self::pulses('0BF418E7') . "\n", '0x0BF430CF', 1];
        yield 'comma' => ['BF430CF,32,PULSE', '0x0BF430CF'];
    }

    #[DataProvider('forms')]
    public function testEveryCommonFormIsRead(string $printed, string $code, int $linesWithout = 0): void
    {
        ['keys' => $keys, 'repeats' => $repeats, 'without' => $without] = ReceiverLog::read($printed);
        self::assertSame([[$code], 0], [array_map(static fn(ReceivedKey $key): string => $key->code->printed(), $keys), $repeats]);
        self::assertSame($linesWithout, $without);
    }

    /** 9 ms and 4.5 ms, then 562 µs and 562 µs or 1687 µs for each bit, as a receiver stretches them by 60 µs. */
    private static function pulses(string $hex, ?int $pause = null): string
    {
        $times = [...(null === $pause ? [] : [$pause]), 9060, -4440];
        foreach (str_split(sprintf('%032b', hexdec($hex))) as $bit) {
            array_push($times, 622, '1' === $bit ? -1627 : -502);
        }

        return implode(',', [...$times, 622]);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function unclear(): iterable
    {
        yield 'digits that are no code either way' => ['12345678'];
        yield 'digits under a name' => ['Value: 1234'];
        yield 'address and command of another protocol' => ['Protocol=OTHER Address=0x1 Command=0x15'];
        yield 'another protocol in front' => ['OTHER_20, address 0x1, command 0x15'];
    }

    /** What may be one key or another is never stored as the wrong one. */
    #[DataProvider('unclear')]
    public function testWhatIsUnclearIsRefused(string $printed): void
    {
        $this->expectExceptionMessage('There is no code in this text.');
        ReceiverLog::read($printed);
    }

    /** Lists below each other run into one: each of them is a press, none is lost. */
    public function testEveryListOfTimesIsAPress(): void
    {
        ['keys' => $keys] = ReceiverLog::read(self::pulses('0BF430CF', -14634) . "\n" . self::pulses('0BF418E7', -40000) . "\n"
            . self::pulses(
                '0BF430CF',
                -40000,
            ));
        self::assertSame(
            [['0x0BF430CF', 2], ['0x0BF418E7', 1]],
            array_map(static fn(ReceivedKey $key): array => [$key->code->printed(), $key->times], $keys),
        );
    }

    public function testALongListOfTimesIsReadToItsEnd(): void
    {
        ['keys' => $keys] = ReceiverLog::read(str_repeat('560,560,', 100_000) . self::pulses('0BF430CF'));
        self::assertSame('0x0BF430CF', $keys[0]->code->printed());
    }

    public function testTimesOfAnUnknownCodeAreRefusedInWords(): void
    {
        $this->expectExceptionMessage('This is a list of times of a code that is not known here.');
        ReceiverLog::read('rawData[72] = {2400, 600' . str_repeat(', 1200, 600', 35) . '}');
    }

    public function testABiPhaseCodeIsToldByItsName(): void
    {
        ['keys' => $keys] = ReceiverLog::read("RC5 0x80C (12 bits)\nRC5 0x00C (12 bits)\n");
        self::assertSame(
            [[InfraredEncoding::BiPhase, 2]],
            array_map(static fn(ReceivedKey $key): array => [$key->code->encoding, $key->times], $keys),
            'Both values of the toggle bit are one key.',
        );
    }

    public function testRepeatsAreDroppedAndKeysToldOnce(): void
    {
        $log = "Ready at pin 34\r\nBF430CF\r\nFFFFFFFF\r\nFFFFFFFF\r\nBF418E7\n0xF30C2FD0\nAddress=0xD0 Command=0xC "
            . "Repeat\nREPEAT\n\nnothing here\n0x0\n";
        ['keys' => $keys, 'repeats' => $repeats, 'without' => $without] = ReceiverLog::read($log);
        self::assertSame(
            [['0x0BF430CF', 2, 2], ['0x0BF418E7', 5, 1]],
            array_map(static fn(ReceivedKey $key): array => [$key->code->printed(), $key->line, $key->times], $keys),
            'The same key in the other order of bits is the same key.',
        );
        self::assertSame([4, 3], [$repeats, $without]);
        self::assertSame(InfraredEncoding::PulseDistance, $keys[0]->code->encoding);
        self::assertSame(
            InfraredEncoding::Raw,
            ReceiverLog::read('0x12345678')['keys'][0]->code->encoding,
            '32 bits without complements are some other code.',
        );
    }

    public function testATextWithoutACodeSaysWhatToPaste(): void
    {
        $this->expectExceptionMessage('such as “0x0BF430CF”');
        ReceiverLog::read("Hello\nWorld");
    }

    public function testALogThatIsTooLongIsRefused(): void
    {
        $this->expectExceptionMessage('more than 1000 kB');
        ReceiverLog::read(str_repeat("BF430CF\n", 150_000));
    }

    /** Whole: what is demonstrated with it, and printed in journeys, rests on each of them. */
    public function testTheSimulatedRemoteHasTheseKeys(): void
    {
        $codes = [];
        foreach (SimulatedRemote::keys() as $key) {
            self::assertSame(1, preg_match('/^key ' . $key . ': 0x([0-9A-F]{8})\nFFFFFFFF\n$/', SimulatedRemote::pressed($key), $match));
            $codes[$key] = $match[1];
        }
        self::assertSame([
            '1' => '0BF4827D',
            '2' => '0BF442BD',
            '3' => '0BF452AD',
            '4' => '0BF4D22D',
            '5' => '0BF432CD',
            '6' => '0BF4B24D',
            '7' => '0BF4728D',
            '8' => '0BF4F20D',
            '9' => '0BF40AF5',
            'all' => '0BF48A75',
            'more' => '0BF44AB5',
            'less' => '0BF4CA35',
        ], $codes);
    }
}
