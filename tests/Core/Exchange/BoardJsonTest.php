<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Board\Edit\Whole\AcceptFinding;
use IronLatch\Core\Board\Edit\Whole\SetHouseRules;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Tests\Core\Review\RuleFixtures;
use IronLatch\Tests\Support\TestBoards;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BoardJsonTest extends TestCase
{
    public function testABoardComesBackAsItWas(): void
    {
        foreach (RuleFixtures::all() as $name => $fixture) {
            foreach ([$fixture['fault'], $fixture['twin']] as $board) {
                $json = BoardJson::write($board);
                self::assertSame($json, BoardJson::write(BoardJson::read($json)), $name);
                self::assertSame(
                    array_map(static fn($finding): string => $finding->statement, TestBoards::inspect($board)->findings),
                    array_map(static fn($finding): string => $finding->statement, TestBoards::inspect(BoardJson::read($json))->findings),
                    $name,
                );
            }
        }
    }

    public function testUnusedPartsStayBehind(): void
    {
        $board = TestBoards::sound()->withPart(TestBoards::part('iron', \IronLatch\Core\Catalogue\Appliance::class));
        self::assertArrayNotHasKey('iron', BoardJson::read(BoardJson::write($board))->parts);
    }

    /**
     * @return iterable<string, array{\Closure(string): string, string}>
     */
    public static function damage(): iterable
    {
        $change = static fn(string $from, string $to): \Closure => static function (string $json) use ($from, $to): string {
            self::assertStringContainsString($from, $json);

            return substr_replace($json, $to, (int) strpos($json, $from), strlen($from));
        };
        yield 'empty' => [static fn(): string => '', 'This file is empty'];
        yield 'cut off' => [static fn(string $json): string => substr($json, 0, 5000), 'not complete JSON'];
        yield 'ten megabytes' => [
            static fn(): string => str_repeat(' ', 10 * 1024 * 1024),
            'This file has 10.0 MB; a board file has at most 2 MB',
        ];
        yield 'nested deeply' => [static fn(): string => str_repeat('[', 500) . str_repeat(']', 500), 'nested deeper than 24 levels'];
        yield 'other encoding' => [
            static fn(string $json): string => mb_convert_encoding($json, 'ISO-8859-1', 'UTF-8'),
            'not encoded as UTF-8',
        ];
        yield 'other document' => [static fn(): string => '{"name": "x"}', 'its key “format” must say “iron-latch/board”'];
        yield 'a list' => [static fn(): string => '[]', 'its key “format” must say'];
        yield 'newer version' => [
            $change(
                '"format": "iron-latch/board",' . "\n" . '    "version": ' . BoardJson::VERSION,
                '"format": "iron-latch/board",' . "\n" . '    "version": ' . BoardJson::VERSION + 1,
            ),
            sprintf('This file is of version %d; this Iron Latch reads versions 1 to %d', BoardJson::VERSION + 1, BoardJson::VERSION),
        ];
        yield 'unknown key' => [$change('"name": "Bare"', '"name": "Bare", "colour": "red"'), 'At colour: this key is not known here'];
        yield 'missing key' => [$change('"name": "Bare",', ''), 'At the top: the key “name” is missing.'];
        yield 'wrong unit' => [
            $change('"baseOhms": "470 Ω"', '"baseOhms": "470 V"'),
            'baseOhms: “470 V” is a voltage in volts, but a resistance in ohms is expected',
        ];
        yield 'no unit' => [
            $change('"baseOhms": "470 Ω"', '"baseOhms": 470'),
            'expected a resistance in ohms with its unit in quotation marks, such as “4k7”',
        ];
        yield 'lenient spelling' => [
            $change('"baseOhms": "470 Ω"', '"baseOhms": "4k7"'),
            '“4k7” must be written with its unit in one spelling in a file: “4.7 kΩ”.',
        ];
        yield 'value out of range' => [$change('"baseOhms": "470 Ω"', '"baseOhms": "0.1 Ω"'), 'A base resistor lies between 10 Ω and 1 '
            . 'MΩ'];
        yield 'duplicate id' => [$change('"L2": {', '"L1": {'), 'At lines.L1: this key is written twice'];
        yield 'duplicate id of a relay' => [$change('"A2": {', '"A1": {'), 'The id “A1” is used twice'];
        yield 'reference to nothing' => [
            $change('"function": "F3"', '"function": "F99"'),
            'uses the function “F99”, which is not on the board',
        ];
        yield 'seat beside the carrier' => [
            $change('"pin": "GPIO33"', '"pin": "GPIO20"'),
            'F3 sits on GPIO20, which the carrier does not lead out',
        ];
        yield 'unknown word' => [
            $change('"kind": "maintained switch"', '"kind": "latching switch"'),
            'functions.F3.kind: expected one of: relay output, maintained switch',
        ];
        yield 'unknown part' => [
            $change('"relay": "reinforced-5v"', '"relay": "cube-5v"'),
            'The facts of the part “cube-5v” (relay A1) are missing',
        ];
        yield 'altered facts of a part' => [
            $change('"contactAcAmps": "16 A"', '"contactAcAmps": "30 A"'),
            'At parts.reinforced-5v: the facts of this part are not those that were taken from the catalogue',
        ];
        yield 'counter too low' => [$change('"L": 2', '"L": 1'), 'L2 lies beyond the counter lastIds.L'];
        yield 'control character' => [$change('"name": "Bare"', '"name": "Ba\u0000re"'), 'At name: this text holds a control character'];
        yield 'name of spaces' => [$change('"name": "Bare"', '"name": "  "'), 'The board needs a name'];
        yield 'fact of two minds' => [$change('"stated": "live"', '"stated": "live", "unknown": true'), 'a fact is {"stated": …}'];
        yield 'spread upside down' => [$change('"min": "3.2 V"', '"min": "3.35 V"'), 'min, typ and max must not decrease'];
    }

    /**
     * @param \Closure(string): string $damage
     */
    #[DataProvider('damage')]
    public function testADamagedFileIsRefusedWithPlaceAndReason(\Closure $damage, string $message): void
    {
        $json = $damage(BoardJson::write(TestBoards::sound()));
        try {
            BoardJson::read($json);
        } catch (BoardFileFault $fault) {
            self::assertStringContainsString($message, $fault->getMessage());

            return;
        }
        self::fail('The file was taken.');
    }

    public function testAByteOrderMarkDoesNoHarm(): void
    {
        self::assertSame('Bare', BoardJson::read("\xEF\xBB\xBF" . BoardJson::write(TestBoards::bare()))->name);
    }

    public function testThePublishedSchemaIsTheOneOfTheCode(): void
    {
        self::assertStringEqualsFile(dirname(__DIR__, 3) . '/docs/format/board.schema.json', BoardJson::schemaText());
    }

    /** opis/json-schema, an independent validator, takes every board that the codec writes … */
    public function testTheSchemaTakesWhatTheCodecWrites(): void
    {
        $accepted = TestBoards::edited(
            TestBoards::sound(),
            new SetHouseRules(10.0, 0.7),
            new AcceptFinding('pins.console-pin', 'F3', 'weak', '', 1, 'bench only', 'the maker'),
        );
        self::assertTrue(self::schemaTakes(BoardJson::write($accepted)));
        foreach (RuleFixtures::all() as $name => $fixture) {
            self::assertTrue(self::schemaTakes(BoardJson::write($fixture['fault'])), $name);
        }
    }

    /** … and refuses what the codec refuses for its form. What only the codec knows is left out here: references, hashes, ranges. */
    public function testTheSchemaRefusesWhatTheCodecRefuses(): void
    {
        $byForm = [
            'other document',
            'a list',
            'newer version',
            'unknown key',
            'missing key',
            'wrong unit',
            'no unit',
            'lenient spelling',
            'unknown word',
            'fact of two minds',
        ];
        $damages = iterator_to_array(self::damage());
        foreach ($byForm as $name) {
            self::assertFalse(self::schemaTakes($damages[$name][0](BoardJson::write(TestBoards::sound()))), $name);
        }
    }

    private static function schemaTakes(string $json): bool
    {
        static $validator = null;
        if (!$validator instanceof Validator) {
            $validator = new Validator();
            $validator->resolver()?->registerRaw(BoardJson::schemaText(), 'urn:iron-latch:board:1');
        }

        return $validator->validate(json_decode($json, flags: JSON_THROW_ON_ERROR), 'urn:iron-latch:board:1')->isValid();
    }
}
