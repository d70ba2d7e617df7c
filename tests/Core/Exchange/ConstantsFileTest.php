<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Exchange\Constant;
use IronLatch\Core\Exchange\ConstantsFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ConstantsFileTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, string}> line, name, value
     */
    public static function lines(): iterable
    {
        yield 'define' => ['#define LAMP_PIN 23', 'LAMP_PIN', '23'];
        yield 'define with a remark' => ['  # define LAMP_PIN 0x17 // lamp', 'LAMP_PIN', '0x17'];
        yield 'define of a text' => ['#define TOPIC "home/lamp // set"', 'TOPIC', 'home/lamp // set'];
        yield 'const int' => ['const int lampPin = 23;', 'lampPin', '23'];
        yield 'static constexpr' => ['static constexpr uint8_t LAMP_PIN{23};', 'LAMP_PIN', '23'];
        yield 'pointer' => ['const char* TOPIC = "a\\"b\\\\c";', 'TOPIC', 'a"b\\c'];
        yield 'array of characters' => ['static const char TOPIC[] = "x;y";', 'TOPIC', 'x;y'];
        yield 'long code' => ['constexpr uint64_t KEY = 0x0BF430CFULL; // 32 bits', 'KEY', '0x0BF430CF'];
        yield 'level as a word' => ['constexpr int LAMP_ON_LEVEL = LOW;', 'LAMP_ON_LEVEL', '0'];
        yield 'truth' => ['bool FAN_ON = true;', 'FAN_ON', '1'];
        yield 'key and value' => ['LAMP_PIN=23', 'LAMP_PIN', '23'];
        yield 'value with blanks' => ['LAMP_NAME=Desk lamp, left', 'LAMP_NAME', 'Desk lamp, left'];
        yield 'colon' => ['lamp_pin: 23', 'lamp_pin', '23'];
        yield 'list' => ['Lamp relay, GPIO23', 'Lamp relay', 'GPIO23'];
        yield 'JSON' => ['{"LAMP_PIN": 23}', 'LAMP_PIN', '23'];
        yield 'JSON of ours' => ['{"format": "iron-latch/constants", "constants": {"LAMP_NAME": "Desk"}}', 'LAMP_NAME', 'Desk'];
        yield 'JSON truth' => ['{"FAN_ON": false}', 'FAN_ON', '0'];
    }

    #[DataProvider('lines')]
    public function testEveryUsualFormIsRead(string $line, string $name, string $value): void
    {
        self::assertSame([$name => ['value' => $value, 'line' => 1]], ConstantsFile::read($line));
    }

    public function testRemarksAndIncludesAreNoConstants(): void
    {
        self::assertSame(
            ['A' => ['value' => '1', 'line' => 3], 'B' => ['value' => '2', 'line' => 5]],
            ConstantsFile::read("// A = 9\n#include <x.h>\nA = 1\r\n# B = 7\nB = 2\nA = 3\n"),
            'The first of two counts.',
        );
    }

    #[TestWith(['', 'There is no constant'])]
    #[TestWith(["hello\nworld", 'Paste lines such as'])]
    #[TestWith(['{"a": {"b": 1}}', 'no constant in this JSON'])]
    #[TestWith(['[23, 5]', 'no constant in this JSON'])]
    #[TestWith(["5 = 3\n1, 2", 'There is no constant'])]
    #[TestWith(["\xFF\xFE = 1", 'not encoded as UTF-8'])]
    public function testWhatCannotBeReadSaysWhatToPaste(string $text, string $words): void
    {
        $this->expectExceptionMessage($words);
        ConstantsFile::read($text);
    }

    public function testATextThatIsTooLongIsRefused(): void
    {
        $this->expectExceptionMessage('more than 500 kB');
        ConstantsFile::read(str_repeat("A = 1\n", 100_000));
    }

    /** Quotes, backslashes and question marks, which would begin a trigraph, come back as they were. */
    public function testTextsComeBackAsTheyWere(): void
    {
        foreach (['a"b', 'a\\b', '??=', 'ä Ω', '{value}', "it's"] as $text) {
            $constants = ['T' => new Constant('S', 'T', $text)];
            self::assertSame($text, ConstantsFile::read(ConstantsFile::header($constants, ['remark']))['T']['value']);
            self::assertSame($text, ConstantsFile::read(ConstantsFile::json($constants, []))['T']['value']);
        }
    }
}
