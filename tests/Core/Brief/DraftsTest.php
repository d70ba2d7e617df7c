<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Brief;

use IronLatch\Core\Brief\DraftFigures;
use IronLatch\Core\Brief\DraftKind;
use IronLatch\Core\Brief\Drafts;
use PHPUnit\Framework\TestCase;

/** How drafts are weighed against one another. */
final class DraftsTest extends TestCase
{
    public function testFaultsComeFirstThenMarginsThenWhatWasAskedThenCost(): void
    {
        $drafts = Drafts::of([
            self::draft('dear', euros: 60.0),
            self::draft('cheap alone', euros: 30.0, once: 35.0),
            self::draft('cheap', euros: 40.0),
            self::draft('misses', euros: 10.0, missed: ['one good pin stays free']),
            self::draft('tight', euros: 9.0, margin: 1.049),
            self::draft('weak', euros: 8.0, weak: 1),
            self::draft('broken', euros: 7.0, faults: 1),
        ], []);
        self::assertSame(['cheap', 'dear', 'cheap alone', 'misses', 'tight', 'weak', 'broken'], self::names($drafts->all));
        self::assertSame(['cheap', 'dear', 'cheap alone', 'misses', 'tight', 'weak'], self::names($drafts->offered()));
        self::assertSame('', $drafts->whyNoneIsSound());
        self::assertSame([0, 1, 1, 2], array_map(
            static fn(float $margin): int => self::draft('x', margin: $margin)->marginBand(),
            [1.05, 1.0499, 1.02, 1.0199],
        ));
    }

    public function testWhatHasFaultsIsOfferedOnlyWhereNothingElseIsThere(): void
    {
        $drafts = Drafts::of([self::draft('two', faults: 2), self::draft('one', faults: 1, says: 'The coil is missing.')], []);
        self::assertSame(['one', 'two'], self::names($drafts->offered()));
        self::assertStringEndsWith('The best of them: The coil is missing.', $drafts->whyNoneIsSound());
        $none = Drafts::of([], ['A carrier' => 'it has no radio']);
        self::assertSame('No board comes of this. it has no radio.', $none->whyNoneIsSound());
        self::assertSame([], $none->byKind(true));
    }

    public function testEachKindHasItsBestAndSaysWhatItGivesUp(): void
    {
        $drafts = Drafts::of([
            self::draft('a', euros: 40.0, joints: 200, pins: 4, area: 0.01, drawer: 0.0),
            self::draft('b', euros: 50.0, joints: 100, pins: 4, area: 0.02, drawer: 0.9),
            self::draft('c', euros: 60.0, joints: 200, pins: 12, area: 0.02, drawer: 0.0),
            self::draft('d', euros: 39.0, joints: 50, pins: 20, area: 0.001, weak: 1),
        ], []);
        $kinds = [];
        foreach ($drafts->byKind(true) as [$draft, $of]) {
            $kinds[$draft->choices] = array_map(static fn(DraftKind $kind): string => $kind->name, $of);
        }
        self::assertSame(['a' => ['Best', 'Cheapest', 'Smallest'], 'b' => ['LeastWork', 'FromDrawer'], 'c' => ['Roomiest']], $kinds);
        $givesUp = $drafts->byKind(true)[2][0]->givesUp;
        self::assertSame(['20.00 € to the cheapest', '100 joints to the least work', '100 cm² to the smallest'], $givesUp);
        self::assertArrayNotHasKey('FromDrawer', array_flip(array_merge(...array_map(
            static fn(array $card): array => array_map(static fn(DraftKind $kind): string => $kind->name, $card[1]),
            $drafts->byKind(false),
        ))));
    }

    /** Kung’s definition of the maxima of a set of vectors: what no other beats in every component. */
    public function testTheFrontHoldsWhatNoneBeatsInEverything(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(4));
        for ($round = 0; $round < 50; ++$round) {
            $all = [];
            for ($i = 0; $i < 12; ++$i) {
                $all[] = self::draft(
                    'd' . $i,
                    euros: (float) $random->getInt(1, 5),
                    margin: 1.1 + $random->getInt(0, 4) / 10,
                    area: $random->getInt(1, 5) / 100,
                );
            }
            $front = array_flip(Drafts::of($all, [])->front());
            foreach ($all as $one) {
                $beating = array_filter($all, static fn(DraftFigures $other): bool => self::beats($other, $one));
                self::assertSame([] === $beating, isset($front[$one->choices]));
            }
        }
    }

    public function testEachControllerWithoutACardHasItsReason(): void
    {
        $drafts = Drafts::of([
            self::draft('first', euros: 40.0, carrier: 'Best'),
            self::draft('dearer', euros: 45.0, carrier: 'Dearer'),
            self::draft('weaker', euros: 30.0, carrier: 'Weaker', weak: 1, says: 'Its pin twitches.'),
            self::draft('tighter', euros: 39.0, carrier: 'Tighter', margin: 1.03),
            self::draft('fuller', euros: 31.0, carrier: 'Fuller', missed: ['no pin stays free']),
        ], ['Mute' => 'it has no radio', 'Dearer' => 'nothing came of a part of it']);
        $reasons = $drafts->whyNot(false);
        self::assertSame('it has no radio', $reasons['Mute']);
        self::assertSame('it costs 5.00 € more', $reasons['Dearer']);
        self::assertSame('Its pin twitches.', $reasons['Weaker']);
        self::assertSame('its worst margin is ×1.03 (a rail)', $reasons['Tighter']);
        self::assertArrayNotHasKey('Best', $reasons);
        self::assertArrayNotHasKey('Fuller', $reasons, 'It is the cheapest, and has a card.');
    }

    private static function beats(DraftFigures $one, DraftFigures $other): bool
    {
        $a = [-$one->euros, $one->worstMargin, -$one->squareMetres];
        $b = [-$other->euros, $other->worstMargin, -$other->squareMetres];
        $isNoWorse = $a[0] >= $b[0] && $a[1] >= $b[1] && $a[2] >= $b[2];

        return $isNoWorse && $a !== $b;
    }

    /**
     * @param list<DraftFigures> $drafts
     * @return list<string>
     */
    private static function names(array $drafts): array
    {
        return array_map(static fn(DraftFigures $draft): string => $draft->choices, $drafts);
    }

    /**
     * @param list<string> $missed
     */
    private static function draft(
        string $name,
        float $euros = 50.0,
        float $margin = 1.2,
        array $missed = [],
        int $weak = 0,
        int $faults = 0,
        int $joints = 100,
        int $pins = 4,
        float $area = 0.01,
        float $drawer = 0.0,
        string $carrier = 'A carrier',
        string $says = '',
        float $once = 0.0,
    ): DraftFigures {
        return new DraftFigures(
            $name,
            $name,
            $carrier,
            'a school',
            'a source',
            'a form',
            'a box',
            $faults,
            $weak,
            $says,
            $margin,
            'a rail',
            $pins,
            0.5,
            $euros,
            $once,
            0,
            30,
            10,
            $joints,
            $area,
            $drawer,
            $missed,
            [],
            [],
            [],
            [],
            0,
        );
    }
}
