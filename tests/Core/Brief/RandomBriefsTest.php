<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Brief\Draft;
use IronLatch\Core\Brief\DraftRun;
use IronLatch\Core\Brief\Redrafter;
use IronLatch\Core\Brief\SentenceReader;
use IronLatch\Core\Brief\Stock;
use IronLatch\Core\Brief\Words;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds for any brief. */
final class RandomBriefsTest extends TestCase
{
    private const PIECES = [
        'six lamps', 'two heaters 2 kW', 'a kitchen fan', 'a pump 45 W by a timer', 'a motor of 90 W', 'wall switches', 'a remote',
        'network',
        'a leak probe', '230 V', 'in a case', 'no neutral at the box', 'breaker 16 A', 'air of 45 °C', 'switches 8 m away', 'under 40',
        'at most 12 different parts', 'no expander', 'one supply', 'perfboard', 'three free pins', 'a laser', 'cheap',
    ];

    /** Neither the order of the pieces nor what stands between them changes what is understood. */
    public function testOrderAndSeparatorsDoNotMatter(): void
    {
        $random = new Randomizer(new Mt19937(22));
        for ($round = 0; $round < 200; ++$round) {
            $pieces = array_slice($random->shuffleArray(self::PIECES), 0, $random->getInt(1, 9));
            $between = [', ', '; ', "\n", ' and ', ', and '];
            $one = SentenceReader::read(implode(', ', $pieces));
            $other = SentenceReader::read(array_reduce(
                $random->shuffleArray($pieces),
                static fn(string $said, string $piece): string => '' === $said
                    ? $piece
                    : $said . $between[$random->getInt(0, count($between) - 1)] . $piece,
                '',
            ));
            self::assertEquals(self::sorted($one->brief), self::sorted($other->brief), implode(' | ', $pieces));
            self::assertCount(count($pieces), $one->phrases);
        }
    }

    /** Whatever is typed is read, or refused in words; each piece stands where it is said to stand. */
    public function testAnythingIsReadOrRefused(): void
    {
        $random = new Randomizer(new Mt19937(23));
        $words = [
            ...array_keys(Words::APPLIANCES), ...array_keys(Words::WAYS), ...array_keys(Words::HOMES),
            '3', '2,5', 'kW', '9999', '×', 'x', 'of', 'and', ',', ';', "\n", "\t", "\x01", "\u{202E}", "\r\n",
            '€', 'at most', 'under', '(', ')', '-', '%', '§',
            'Ω', '𝄞', '0', 'W', 'V', 'a', 'no', '64', '.', '..',
        ];
        $refused = 0;
        for ($round = 0; $round < 1500; ++$round) {
            $said = [];
            for ($i = $random->getInt(1, 14); $i > 0; --$i) {
                $said[] = $words[$random->getInt(0, count($words) - 1)];
            }
            $sentence = implode(' ', $said);
            try {
                $reading = SentenceReader::read($sentence);
            } catch (\InvalidArgumentException $fault) {
                ++$refused;
                self::assertMatchesRegularExpression('/^\p{Lu}|^\d/u', $fault->getMessage());
                continue;
            }
            self::assertSame(
                $reading->brief->words,
                SentenceReader::read($reading->brief->words)->brief->words,
                'What is kept reads as it was read.',
            );
            self::assertEquals($reading->brief, SentenceReader::read($reading->brief->words)->brief);
            self::assertSame(0, preg_match('/[\p{Cc}\p{Cf}]/u', $reading->brief->words), 'A file can hold it.');
            foreach ($reading->phrases as $phrase) {
                self::assertSame($phrase->text, mb_substr($reading->brief->words, $phrase->at, mb_strlen($phrase->text)));
            }
        }
        self::assertLessThan(750, $refused);
    }

    /** Every draft is a whole board; what is offered has no fault, or it is said that none is without; and it can follow a change. */
    public function testDraftsOfAnyBriefAreWholeBoards(): void
    {
        $random = new Randomizer(new Mt19937(24));
        $appliances = array_values(array_diff(array_unique(array_values(Words::APPLIANCES)), ['gate-input', 'boiler-demand']));
        $controllers = array_keys(TestBoards::catalogue()->parts(Carrier::class));
        $ways = [
            SurfaceKind::WallSwitch,
            SurfaceKind::PushButton,
            SurfaceKind::InfraredKey,
            SurfaceKind::NetworkTopic,
            SurfaceKind::SpokenName,
        ];
        for ($round = 0; $round < 5; ++$round) {
            $rows = [];
            for ($i = $random->getInt(1, 3); $i > 0; --$i) {
                $rows[] = new Wanted($random->getInt(1, 3), 'Appliance ' . $i, $appliances[$random->getInt(0, count($appliances) - 1)]);
            }
            $brief = new Brief(
                $rows,
                [$ways[$random->getInt(0, 4)]],
                mains: ['mains-230', 'mains-120', 'mains-100'][$random->getInt(0, 2)],
                controllers: [$controllers[$random->getInt(0, count($controllers) - 1)]],
            );
            $run = new DraftRun($brief, TestBoards::catalogue(), new Stock());
            $drafts = $run->all();
            foreach ($drafts->offered() as $figures) {
                $draft = $run->named($figures->choices);
                $this->wholeBoard($draft, $brief);
                self::assertSame($figures->isSound(), '' === $drafts->whyNoneIsSound(), $figures->words);
            }
        }
    }

    private function wholeBoard(Draft $draft, Brief $brief): void
    {
        $board = BoardJson::read(BoardJson::write($draft->board));
        self::assertCount($brief->lines(), $board->lines);
        self::assertCount(count($board->functions), $board->seats);
        $report = Inspector::withRuleBook()->inspect(new Inspection($board, TestBoards::catalogue()));
        $faults = array_filter($report->findings, static fn(Finding $one): bool => $one->counts()
            && in_array($one->severity, [Severity::Danger, Severity::Broken], true));
        self::assertCount($draft->figures->faults, $faults, 'The file says what the card says.');
        $rows = $board->brief->appliances ?? [];
        $more = Copy::of(
            $board->brief ?? $brief,
            ['appliances' => [Copy::of($rows[0], ['count' => $rows[0]->count + 1]), ...array_slice($rows, 1)]],
        );
        $redraft = (new Redrafter(TestBoards::catalogue()))->redraft($board, $more);
        self::assertCount($brief->lines() + 1, $redraft->after->lines);
        self::assertSame([], $redraft->moved);
    }

    private static function sorted(Brief $brief): Brief
    {
        $rows = $brief->appliances;
        usort($rows, static fn(Wanted $a, Wanted $b): int => $a->name <=> $b->name);
        $left = $brief->notUnderstood;
        sort($left);

        $by = $brief->by;
        usort($by, static fn(SurfaceKind $a, SurfaceKind $b): int => $a->value <=> $b->value);

        return Copy::of($brief, ['appliances' => $rows, 'notUnderstood' => $left, 'by' => $by, 'words' => '']);
    }
}
