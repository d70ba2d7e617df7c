<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Demo\DemoBoards;
use IronLatch\Tests\Support\TestBoards;

/** What the screens say, as a reader finds it. */
final class PagesTest extends BoardTestCase
{
    public function testTheRuleBookHoldsEveryRuleWithItsSource(): void
    {
        $crawler = $this->browser->request('GET', '/rule-book');
        self::assertCount(count(RuleBook::rules()), $crawler->filter('article.rule'));
        foreach (RuleBook::rules() as $rule) {
            $facts = $rule->facts();
            $text = $crawler->filter('[id="' . $facts->id . '"]')->text();
            foreach ([
                $facts->title,
                $facts->reason,
                $facts->threshold,
                $facts->source,
                $facts->basis->words(),
                $facts->silentWhen,
            ] as $part) {
                self::assertStringContainsString($part, $text, $facts->id);
            }
            foreach ($facts->severities as $kind) {
                self::assertStringContainsString($kind->value, $text, $facts->id);
            }
        }
        foreach (array_merge(...array_values(RuleBook::missingChecks())) as $check) {
            self::assertStringContainsString($check, $crawler->filter('main')->text());
        }
    }

    public function testEveryNumberOnAJointCanBeFollowedToItsWorking(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/lines');
        $joints = $crawler->filter('#L1 a.joint');
        self::assertCount(5, $joints);
        foreach ($joints->links() as $joint) {
            $page = $this->browser->click($joint);
            $printed = trim($joint->getNode()->textContent);
            self::assertNotSame('', $printed);
            $works = $page->filter('.works')->text();
            self::assertStringContainsString($printed, $works);
            self::assertStringContainsString('Source:', $works);
        }
    }

    public function testPinsShowBothNamesAndTheReasonForTheChosenFunction(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::sound(), new SeatFunction('F1', '14')));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/pins', ['open' => 'F1']);
        self::assertSame(
            'Seat on GPIO14 (printed 14), poor: the relay pulls in while the chip’s ROM starts; now Lamp relay',
            $crawler->filter('#pin-GPIO14')->attr('aria-label'),
        );
        self::assertSame(
            'Seat on GPIO36 (printed VP), not possible: input only, cannot drive anything',
            $crawler->filter('#pin-GPIO36')->attr('aria-label'),
        );
        self::assertSame('good', trim($crawler->filter('#pin-GPIO23 svg')->attr('aria-label') ?? ''));
        self::assertCount(32, $crawler->filter('table.rank')->last()->filter('tbody tr'), 'Every pin is ranked.');
        self::assertSame(
            ['GPIO25', 'nothing against it'],
            [
                $crawler->filter('table.rank')->last()->filter('tbody td')->eq(0)->text(),
                $crawler->filter('table.rank')->last()->filter('tbody td')->eq(3)->text(),
            ],
        );
        self::assertSelectorTextContains('.stage', 'from memory: compare with the data sheet');
    }

    public function testTheRevisionsListTellsWhatWasDone(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'rename-line', ['line' => 'L1', 'name' => 'Hall']);
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/revisions');
        self::assertSame(
            ['2', 'Rename the line “Lamp” to “Hall”'],
            [$crawler->filter('tbody td')->eq(0)->text(), $crawler->filter('tbody td')->eq(1)->text()],
        );
        self::assertSelectorTextContains('tbody tr:last-child', 'made for the test');
    }

    public function testAFindingSaysWhatEachRemedyWouldChange(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::sound(), new SetDriverValue(['A1'], 'baseOhms', 4700.0)));
        $this->browser->request('GET', '/boards/' . $opened->record->id() . '/finding', ['open' => 'drive.does-not-pull-in:A1']);
        self::assertSelectorTextContains('#stage', 'Judged by: coil voltage below the operate voltage');
        self::assertSelectorTextContains('#stage', 'Goes: weak The relay of “Lamp” pulls in on the bench only');
        self::assertSelectorTextContains('#stage', 'Comes: nothing');
        $this->browser->request('GET', '/boards/' . $opened->record->id() . '/finding', ['open' => 'drive.does-not-pull-in:A2']);
        self::assertSelectorTextContains('#stage', 'This finding is gone');
    }

    public function testTheWayBackFromAFindingLeadsToItsStage(): void
    {
        $board = (new DemoBoards(TestBoards::catalogue()))->firstTry();
        $opened = $this->shelved($board);
        $seen = [];
        foreach (TestBoards::inspect($board)->findings as $finding) {
            $stage = $finding->rule->stage;
            if (isset($seen[$stage->value])) {
                continue;
            }
            $page = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/finding', ['open' => $finding->key()]);
            $back = $page->selectLink('Back')->attr('href');
            $seen[$stage->value] = str_ends_with(explode('?', (string) $back)[0], '/' . $stage->view());
        }
        ksort($seen);
        self::assertSame(['Board' => true, 'Controls' => true, 'Drive' => true, 'Mains' => true, 'Pins' => true, 'Power' => true], $seen);
    }

    public function testTheLatchBarTellsEachStageInWords(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::sound(), new SetDriverValue(['A1', 'A2'], 'baseOhms', 4700.0)));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/lines');
        $words = $crawler->filter('li:not(.before) > .latch')->each(
            static fn($latch): string => preg_replace('/\s+/', ' ', trim($latch->text())) ?? '',
        );
        self::assertSame(['Lines shut', 'Drive open: 2 weak', 'Mains shut, 7 to verify'], [$words[0], $words[2], $words[4]]);
        self::assertSame('Controls shut', $words[5]);
    }
}
