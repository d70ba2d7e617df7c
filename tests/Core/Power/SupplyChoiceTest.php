<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Rail;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Power\Budget;
use IronLatch\Core\Power\SupplyChoice;
use IronLatch\Core\Power\SupplyOffer;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class SupplyChoiceTest extends TestCase
{
    public function testSoundOnesComeFirstAndByPrice(): void
    {
        $offers = self::offers(TestBoards::withLines(8));
        $ranks = array_map(static fn(SupplyOffer $offer): int => match ($offer->state) {
            MarginState::Sound => 0,
            MarginState::Weak => 1,
            MarginState::Broken => 2,
        }, $offers);
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        $sound = array_values(array_filter($offers, static fn(SupplyOffer $offer): bool => MarginState::Sound === $offer->state));
        $prices = array_map(static fn(SupplyOffer $offer): float => $offer->price, $sound);
        $rising = $prices;
        sort($rising);
        self::assertSame($rising, $prices);
        self::assertSame([], array_merge(...array_map(static fn(SupplyOffer $offer): array => $offer->reasons, $sound)));
        self::assertCount(1, array_filter($offers, static fn(SupplyOffer $offer): bool => $offer->isPresent));
    }

    /** The greatest number of relays is right: with one more the same source is judged too small. */
    public function testTheMostRelaysThatASourceCarries(): void
    {
        foreach (['module-5v-3w', 'module-5v-5w', 'module-5v-10w'] as $id) {
            $board = TestBoards::edited(TestBoards::withLines(4), new ChooseSupply('R1', TestBoards::part($id, Supply::class)));
            $offer = array_values(array_filter(self::offers($board), static fn(SupplyOffer $offer): bool => $offer->isPresent))[0];
            self::assertNotNull($offer->relays);
            foreach ([0, 1] as $more) {
                $with = TestBoards::edited(
                    TestBoards::withLines(min(16, $offer->relays + $more)),
                    new ChooseSupply('R1', TestBoards::part($id, Supply::class)),
                );
                $budget = (new Inspection($with))->power->rails['R1'];
                $fits = $budget->continuous->value <= 0.8 * $budget->rated->value && $budget->peak->value <= $budget->rated->value;
                self::assertSame(0 === $more, $fits, "$id with " . ($offer->relays + $more));
            }
        }
    }

    public function testConvertersOnOtherRailsAreOfferedAndAnUnsuitableOneSaysWhy(): void
    {
        $board = TestBoards::edited(TestBoards::withLines(4), new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)));
        $offers = array_column(array_map(static fn(SupplyOffer $offer): array => [$offer->name, $offer], self::offers($board)), 1, 0);
        self::assertSame(MarginState::Sound, $offers['Step-down board to 5 V, 2 A on 12 V']->state);
        self::assertSame(MarginState::Broken, $offers['7805 in TO-220 on 12 V']->state);
        self::assertContains('it gets too hot', $offers['7805 in TO-220 on 12 V']->reasons);
        self::assertSame(
            ['R2'],
            array_keys(array_filter(
                $offers['Step-down board to 5 V, 2 A on 12 V']->edit->apply($board)->rails,
                static fn(Rail $rail): bool => 'module-12v-10w' === $rail->supply,
            )),
        );
    }

    /**
     * @return list<SupplyOffer>
     */
    private static function offers(Board $board): array
    {
        return SupplyChoice::ranked(
            Budget::of($board, DriverAnalysis::of($board)),
            'R1',
            array_values(TestBoards::catalogue()->parts(Supply::class)),
            array_values(TestBoards::catalogue()->parts(Converter::class)),
        );
    }
}
