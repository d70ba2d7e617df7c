<?php

declare(strict_types=1);

namespace IronLatch\Tests\Command;

use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Drafts without the web. */
final class DraftCommandTest extends TestCase
{
    private const BRIEF = 'two lamps, push buttons, 230 V, in a case, esp8266';

    private InProcess $latch;

    protected function setUp(): void
    {
        $this->latch = new InProcess();
    }

    protected function tearDown(): void
    {
        $this->latch->clear();
    }

    public function testASentenceIsListedAsWordsAndAsData(): void
    {
        [$code, $text, $said] = $this->latch->run('draft', ['brief' => self::BRIEF . ' and a laser']);
        self::assertSame(0, $code);
        self::assertStringContainsString('1  first by all that counts', $text);
        self::assertStringContainsString('not RP2040 carrier, 40 pins: the brief names other controllers', $text);
        self::assertStringContainsString('Not understood, and left out: a laser', $said);
        [$code, $json] = $this->latch->run('draft', ['brief' => self::BRIEF, '--format' => 'json']);
        $data = json_decode($json, true);
        self::assertIsArray($data);
        self::assertIsArray($data['drafts']);
        self::assertIsArray($data['drafts'][0]);
        self::assertIsArray($data['front']);
        self::assertSame([0, ''], [$code, $data['reason']]);
        self::assertStringContainsString('"appliance": "led-lamp"', $json);
        self::assertGreaterThanOrEqual(2, count($data['drafts']));
        self::assertContains($data['front'][0], array_column($data['drafts'], 'choices'), 'The cheapest that no other beats is a card.');
        $again = $this->latch->file('brief.json', (string) json_encode($data['brief']));
        $told = $this->latch->run('draft', ['brief' => $again, '--format' => 'json'])[1];
        self::assertSame($json, $told, 'A brief in a file says the same.');
    }

    public function testOneOfThemIsTakenAndChecked(): void
    {
        [$code, $board] = $this->latch->run('draft', ['brief' => self::BRIEF, '--take' => '1']);
        self::assertSame(0, $code);
        $read = BoardJson::read($board);
        self::assertCount(2, $read->lines);
        self::assertTrue(Inspector::withRuleBook()->inspect(new Inspection($read, TestBoards::catalogue()))->isEveryCheckedLatchShut());
    }

    public function testMisuseAndBriefsThatComeToNothingHaveTheirCodes(): void
    {
        foreach ([
            [2, ['brief' => 'a laser'], 'names nothing that is to be switched'],
            [2, ['brief' => 'a motor'], 'no catalogue says'],
            [2, ['brief' => self::BRIEF, '--format' => 'xml'], 'text or json'],
            [2, ['brief' => self::BRIEF, '--take' => '99'], 'name one of them'],
            [2, ['brief' => $this->latch->file('no.json', '[]')], 'names nothing'],
            [2, ['brief' => $this->latch->file('odd.json', '{"lamps": 3}')], 'this key is not known here'],
            [2, ['brief' => $this->latch->file('torn.json', '{')], 'holds no brief'],
        ] as [$expected, $options, $words]) {
            [$code, $text, $said] = $this->latch->run('draft', $options);
            self::assertSame($expected, $code, $words);
            self::assertStringContainsString($words, $said);
            self::assertSame('', $text);
        }
        [$code, $text] = $this->latch->run('draft', ['brief' => 'two lamps, network, atmega328p, 230 V']);
        self::assertSame(1, $code);
        self::assertStringContainsString('it has no radio', $text);
    }
}
